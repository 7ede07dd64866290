package bemble.server.reports;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Rung;
import bemble.core.print.OwnWork;
import bemble.core.print.TextPages.Drawing;
import bemble.core.print.TextPages.Row;
import bemble.core.progress.State;
import bemble.core.words.Words;
import bemble.server.classes.ClassService;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.log.papers.PupilPapers;
import bemble.server.plan.PlanService;
import bemble.server.plan.PlanViews.DayView;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.progress.PupilPlaces;
import bemble.server.progress.PupilWork;
import bemble.server.progress.RecordService;
import bemble.server.reports.PiecesViews.PieceView;
import bemble.server.reports.PiecesViews.PiecesView;
import bemble.server.reports.WordedPages.Worded;
import bemble.server.scan.ScannedPapers;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Writes the pages. Nobody is judged on them; causes stand there only where a teacher confirmed them. */
@Service
class Reports {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    /** So many pieces are printed as they were written; more would be a book. */
    private static final int MOST_WRITTEN = 12;
    private static final List<Double> TWO_CELLS = List.of(0.42, 0.58);
    private static final List<Double> THREE_CELLS = List.of(0.4, 0.3, 0.3);
    private static final String TO_WRITE_ON = "_".repeat(16);
    private static final List<Double> FOUR_CELLS = List.of(0.46, 0.18, 0.18, 0.18);

    private final RecordService records;
    private final ClassService classes;
    private final PlanService plans;
    private final StyleService styles;
    private final PreferencesService preferences;
    private final PupilPapers papers;
    private final ScannedPapers scanned;
    private final Pieces pieces;
    private final WordedPages pages;

    Reports(RecordService records, ClassService classes, PlanService plans, StyleService styles,
            PreferencesService preferences,
            PupilPapers papers, Pieces pieces, WordedPages pages, ScannedPapers scanned) {
        this.pages = pages;
        this.papers = papers;
        this.scanned = scanned;
        this.pieces = pieces;
        this.records = records;
        this.classes = classes;
        this.plans = plans;
        this.styles = styles;
        this.preferences = preferences;
    }

    /** For a talk with parents: what goes well, what is worked on, the child's own work, and one thing to do at home. */
    Worded ofPupil(TeacherId teacherId, PupilId pupilId) {
        RecordService.Known known = records.pupil(teacherId, pupilId);
        PupilWork pupil = known.work();
        List<Section> sections = new ParentsPage(pupil, styles.of(teacherId), records.today())
                .sections(lastRight(teacherId, pupilId));
        return pages.set(teacherId, "pupil-" + pupilId, pupil.pupil().name(), pupil.pupil().name(),
                known.schoolClass().name() + ", " + DAY.format(records.today()), sections, List.of());
    }

    /** The later one of what was written at a screen and on paper. */
    private Optional<OwnPiece> lastRight(TeacherId teacherId, PupilId pupilId) {
        return Stream.concat(scanned.lastRight(teacherId, pupilId).map(OwnPiece::of).stream(),
                papers.lastRight(teacherId, pupilId).map(OwnPiece::of).stream())
                .max(Comparator.comparing(OwnPiece::day));
    }

    /** For colleagues who judge together: dated pieces, what was said of each, and lines to write on where nothing was. */
    Worded toJudge(TeacherId teacherId, PupilId pupilId) {
        PiecesView all = pieces.of(teacherId, pupilId);
        List<Section> sections = new ArrayList<>();
        sections.add(Section.plain("How to judge")
                .say("Answers that were given alone and at first, the latest last. Two colleagues judge "
                        + "each apart from one another; where they differ, both stay. Judges: " + TO_WRITE_ON + " and "
                        + TO_WRITE_ON));
        if (all.pieces().isEmpty()) {
            sections.add(Section.plain("the work").say("No unaided work is marked yet."));
        }
        Map<PupilPapers.Asked, OwnWork> written = papers.written(teacherId, pupilId, MOST_WRITTEN);
        Map<ScannedPapers.Asked, ScannedPapers.OwnHand> onPaper = scanned.of(teacherId, pupilId, MOST_WRITTEN);
        LocalDate day = null;
        Section section = null;
        for (PieceView piece : all.pieces()) {
            if (section == null || !piece.day().equals(day)) {
                day = piece.day();
                section = Section.headed(DAY.format(day) + ", " + piece.title());
                section.add(new Row(List.of("asked and answered", "first judge", "second judge"), THREE_CELLS));
                sections.add(section);
            }
            section.add(
                    new Row(List.of(
                            piece.problem()
                                    + (piece.right() ? ", right" : ", wrote " + piece.given()),
                            judgement(piece, 0), judgement(piece, 1)), THREE_CELLS));
            OwnWork work = written.get(new PupilPapers.Asked(piece.marking(), piece.question()));
            if (work != null) {
                section.add(new Drawing(work));
            }
            ScannedPapers.OwnHand hand = onPaper.get(new ScannedPapers.Asked(piece.marking(), piece.question()));
            if (hand != null) {
                section.add(OwnPiece.hand(hand));
            }
        }
        return pages.set(teacherId, "work-" + pupilId, all.pupil(), "Work of " + all.pupil(),
                DAY.format(records.today()), sections,
                List.of());
    }

    private static String judgement(PieceView piece, int place) {
        return place < piece.judgements().size()
                ? piece.judgements().get(place).judge() + ": " + piece.judgements().get(place).says()
                : TO_WRITE_ON;
    }

    /** For the head: how many children are where; no child is named. */
    Worded ofClass(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<PupilPlaces> all = records.places(schoolClass);
        List<Section> sections = new ArrayList<>();
        sections.add(Section.plain("What is counted").say(schoolClass.pupils().size()
                + " pupils. Counted are first answers, worked without "
                + "help. “Knows” is said after nine of the last ten right, and without a slip of the method for a while."));
        Section where = Section.headed("How many children are where");
        sections.add(where);
        List<Rung> tried = RecordService.triedBy(all);
        if (tried.isEmpty()) {
            where.say(NextTeacherPage.NOBODY_PLACED);
        } else {
            where.add(new Row(List.of("", "know it", "are learning it", "not yet"), FOUR_CELLS));
        }
        for (Rung rung : tried) {
            long reached = all.stream().filter(each -> each.state(rung.id()).isReached()).count();
            long learning = all.stream().filter(each -> each.state(rung.id()) == State.LEARNING).count();
            where.add(new Row(List.of(Words.capital(rung.plainWords()), String.valueOf(reached),
                    String.valueOf(learning), String.valueOf(all.size() - reached - learning)), FOUR_CELLS));
        }
        Map<KnownSlip, Long> confirmed = records.confirmed(schoolClass);
        if (!confirmed.isEmpty()) {
            Section worked = Section.headed("What is worked on, as confirmed by the teacher");
            confirmed.forEach((slip, count) -> worked.add(new Row(List.of(Words.capital(slip.name()) + " ("
                    + slip.operation().title().toLowerCase(Locale.ROOT) + ")", children(count)), TWO_CELLS)));
            sections.add(worked);
        }
        return pages.set(teacherId, "class-" + classId, schoolClass.name(), schoolClass.name(),
                DAY.format(records.today()), sections,
                List.of());
    }

    private static String children(long count) {
        return count == 1 ? "one child" : count + " children";
    }

    /** For who takes the class over: how it was taught, who is where, and each child in a few lines. */
    Worded nextTeacher(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        NextTeacherPage page =
                new NextTeacherPage(records.work(teacherId, schoolClass), styles.of(teacherId));
        return pages.set(teacherId, "next-teacher-" + classId, schoolClass.name(),
                schoolClass.name() + ", for who takes it over", DAY.format(records.today()), page.sections(),
                List.of());
    }

    /** For a day's stand-in: the lesson with its questions and answers, who sits with whom, and how we write it. */
    Worded standIn(TeacherId teacherId, ClassId classId, LocalDate day) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<DayView> days = plans.plan(teacherId, classId, day).days();
        // Where no day is named it is the next one with a lesson.
        LocalDate date = day != null ? day
                : days.stream().filter(each -> !each.groups().isEmpty() && !each.date().isBefore(records.today()))
                        .map(DayView::date).findFirst().orElse(records.today());
        List<GroupView> groups = days.stream().filter(each -> each.date().equals(date)).map(DayView::groups).findFirst()
                .orElse(List.of());
        StandInPage page = new StandInPage(groups, styles.of(teacherId));
        // The way it is written stands on the back of the same sheet of paper.
        return pages.set(teacherId, "stand-in-" + classId + "-" + date, schoolClass.name(), schoolClass.name(),
                DAY.format(date),
                page.sections(group -> plans.problems(teacherId, date, group)),
                page.howWeWriteIt(preferences.of(teacherId).cues()));
    }
}
