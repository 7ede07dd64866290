package bemble.server.reports;

import bemble.core.diagnosis.Remedy;
import bemble.core.hand.KnownSlip;
import bemble.core.order.WorkOrder;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.print.HowWeWriteIt;
import bemble.core.print.OwnWork;
import bemble.core.print.Page;
import bemble.core.print.TextPages.Drawing;
import bemble.core.print.TextPages.Heading;
import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import bemble.core.print.TextPages.Row;
import bemble.core.print.TextPages;
import bemble.core.problem.Operation;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.progress.State;
import bemble.core.writing.WritingPaper;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.log.PupilPapers;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.plan.PlanService.DayView;
import bemble.server.plan.PlanService.GroupView;
import bemble.server.plan.PlanService;
import bemble.server.print.Report;
import bemble.server.progress.PupilWork;
import bemble.server.progress.RecordService;
import bemble.server.reports.PiecesController.PieceView;
import bemble.server.reports.PiecesController.PiecesView;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Writes the pages. Nobody is judged on them; causes stand there only where a teacher confirmed them. */
@Service
class Reports {
    private static final int PIECES_TO_CHOOSE_FROM = 8;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
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
    private final Pieces pieces;

    Reports(RecordService records, ClassService classes, PlanService plans, StyleService styles, PreferencesService preferences,
            PupilPapers papers, Pieces pieces) {
        this.papers = papers;
        this.pieces = pieces;
        this.records = records;
        this.classes = classes;
        this.plans = plans;
        this.styles = styles;
        this.preferences = preferences;
    }

    /** For a talk with parents: what is secure, what is being learnt, the pupil's own work, and one thing to try at home. */
    Report ofPupil(long teacherId, long pupilId) {
        RecordService.Known known = records.pupil(teacherId, pupilId);
        PupilWork pupil = known.work();
        String name = pupil.pupil().name();
        List<Part> parts = new ArrayList<>();
        parts.add(new Heading("What " + name + " can do"));
        rungs(pupil, parts, true);
        parts.add(new Heading("What " + name + " is learning"));
        rungs(pupil, parts, false);
        confirmed(List.of(pupil)).forEach((slip, count) -> parts.add(new Row(List.of("Seen and talked about", slip.name()), TWO_CELLS)));
        parts.add(new Heading("From " + name + "’s own work"));
        ownWork(teacherId, pupil, parts);
        parts.add(new Heading("One thing to try at home"));
        parts.add(new Paragraph(atHome(pupil)));
        return new Report(name, TextPages.of(name, known.schoolClass().name() + ", " + DAY.format(records.today()), parts));
    }

    private static void rungs(PupilWork pupil, List<Part> parts, boolean reached) {
        List<Rung> rungs = Ladder.all().stream().filter(rung -> reached ? pupil.state(rung.id()).isReached()
                : pupil.state(rung.id()) == State.LEARNING).toList();
        rungs.forEach(rung -> parts.add(new Row(List.of(rung.fullTitle(), rung.news()), TWO_CELLS)));
        if (rungs.isEmpty()) {
            parts.add(new Paragraph(reached ? "Nothing is secure yet by our rule; what is being learnt stands below."
                    : "Everything that was worked on is secure; new topics come next."));
        }
    }

    /** The causes that a teacher confirmed, with how often. */
    private static Map<KnownSlip, Long> confirmed(List<PupilWork> pupils) {
        return pupils.stream().flatMap(Reports::confirmed)
                .collect(Collectors.groupingBy(slip -> slip, LinkedHashMap::new, Collectors.counting()));
    }

    private static Stream<KnownSlip> confirmed(PupilWork pupil) {
        return pupil.answers().stream().filter(Answer::confirmed).map(pupil::knownSlip).flatMap(Optional::stream);
    }

    /** As the pupil wrote it where that was at a screen; of a sheet on paper only the answer is known. */
    private void ownWork(long teacherId, PupilWork pupil, List<Part> parts) {
        Optional<PupilPapers.Own> written = papers.lastRight(teacherId, pupil.pupil().id());
        Optional<Answer> marked = ownPiece(pupil);
        if (written.isPresent()) {
            parts.add(new Paragraph(DAY.format(written.get().day()) + ": worked alone, as it was written at the screen."));
            parts.add(new Drawing(written.get().work()));
        } else if (marked.isPresent()) {
            parts.add(new Paragraph(DAY.format(marked.get().day()) + ": worked alone and right. The working stands in the book."));
            parts.add(new Drawing(OwnWork.answerOnly(WritingPaper.of(new WorkOrder(ProblemText.read(marked.get().problem(), 0,
                    Punctuation.POINT), null, styles.of(teacherId), null), false, false))));
        } else {
            parts.add(new Paragraph("No work of their own is marked yet."));
            return;
        }
        pupil.answers().stream().filter(answer -> !answer.correction().isEmpty()).reduce((one, other) -> other)
                .ifPresent(answer -> parts.add(new Row(List.of(DAY.format(answer.day()),
                        answer.problem() + ": first " + answer.given() + ", then put right to " + answer.correction()), TWO_CELLS)));
    }

    /** One of the last answers that came out right alone; not the same question on the page of everybody. */
    private static Optional<Answer> ownPiece(PupilWork pupil) {
        List<Answer> right = pupil.answers().stream().filter(answer -> answer.right() && answer.alone()).toList();
        List<Answer> last = right.subList(Math.max(0, right.size() - PIECES_TO_CHOOSE_FROM), right.size());
        return last.isEmpty() ? Optional.empty() : Optional.of(last.get((int) (pupil.pupil().id() % last.size())));
    }

    private static String atHome(PupilWork pupil) {
        Optional<KnownSlip> slip = confirmed(pupil).reduce((one, other) -> other);
        if (slip.isPresent()) {
            return Remedy.of(slip.get()).words();
        }
        Optional<String> fact = pupil.answers().stream().map(Answer::fact).filter(each -> each != null).reduce((one, other) -> other);
        return fact.map(each -> "Ask " + each.replace("x", " × ").replace("+", " + ").replace("-", " − ")
                        + " now and then, and how one can find it from a fact that is sure.")
                .orElse("Let " + pupil.pupil().name() + " work one of these aloud and say why each step is done.");
    }

    /** For colleagues who judge together: dated pieces, what was said of each, and lines to write on where nothing was. */
    Report toJudge(long teacherId, long pupilId) {
        PiecesView work = pieces.of(teacherId, pupilId);
        List<Part> parts = new ArrayList<>();
        parts.add(new Paragraph("Unaided first answers, the latest last. Two colleagues judge each apart from one another; where they "
                + "differ, both stay."));
        if (work.pieces().isEmpty()) {
            parts.add(new Paragraph("No unaided work is marked yet."));
        }
        LocalDate day = null;
        for (PieceView piece : work.pieces()) {
            if (!piece.day().equals(day)) {
                day = piece.day();
                parts.add(new Heading(DAY.format(day) + ", " + piece.title()));
            }
            parts.add(new Row(List.of(piece.problem() + (piece.right() ? ", right" : ", wrote " + piece.given()),
                    judgement(piece, 0), judgement(piece, 1)), THREE_CELLS));
        }
        return new Report(work.pupil(), TextPages.of("Work of " + work.pupil(), DAY.format(records.today()), parts));
    }

    private static String judgement(PieceView piece, int place) {
        return place < piece.judgements().size() ? piece.judgements().get(place).judge() + ": " + piece.judgements().get(place).says()
                : TO_WRITE_ON;
    }

    /** For the head: how many children are where; no child is named. */
    Report ofClass(long teacherId, long classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<PupilWork> all = records.work(teacherId, schoolClass);
        List<Part> parts = new ArrayList<>();
        parts.add(new Paragraph(schoolClass.pupils().size() + " pupils. " + "Counted are first answers, worked without help."));
        parts.add(new Heading("How many children are where"));
        List<Rung> tried = RecordService.triedBy(all);
        if (tried.isEmpty()) {
            parts.add(new Paragraph("Nothing of this class is marked yet."));
        } else {
            parts.add(new Row(List.of("", "secure", "learning", "not yet"), FOUR_CELLS));
        }
        for (Rung rung : tried) {
            long reached = all.stream().filter(each -> each.state(rung.id()).isReached()).count();
            long learning = all.stream().filter(each -> each.state(rung.id()) == State.LEARNING).count();
            parts.add(new Row(List.of(rung.fullTitle(), String.valueOf(reached),
                    String.valueOf(learning), String.valueOf(all.size() - reached - learning)), FOUR_CELLS));
        }
        Map<KnownSlip, Long> confirmed = confirmed(all);
        if (!confirmed.isEmpty()) {
            parts.add(new Heading("What is worked on, as confirmed by the teacher"));
            confirmed.keySet().forEach(slip -> parts.add(new Row(List.of(slip.name(), children(all, slip)), TWO_CELLS)));
        }
        return new Report(schoolClass.name(), TextPages.of(schoolClass.name(), DAY.format(records.today()), parts));
    }

    private static String children(List<PupilWork> all, KnownSlip slip) {
        long count = all.stream().filter(pupil -> confirmed(pupil).anyMatch(slip::equals)).count();
        return count == 1 ? "one child" : count + " children";
    }

    /** For a day's stand-in: which sheet for whom, what to watch for, and how we write it; nothing of anybody's past. */
    Report standIn(long teacherId, long classId, LocalDate day) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        LocalDate date = day == null ? records.today() : day;
        List<Part> parts = new ArrayList<>();
        List<GroupView> groups = plans.plan(teacherId, classId, date).days().stream().filter(each -> each.date().equals(date))
                .map(DayView::groups).findFirst().orElse(List.of());
        if (groups.isEmpty()) {
            parts.add(new Paragraph("Nothing is planned for this day."));
        }
        Map<String, List<GroupView>> sheets = groups.stream().collect(Collectors.groupingBy(group -> group.title() + ", "
                + group.questions() + " questions, about " + group.minutes() + " minutes", LinkedHashMap::new, Collectors.toList()));
        sheets.forEach((sheet, sharing) -> {
            parts.add(new Heading(sheet));
            sharing.forEach(group -> parts.add(new Paragraph(group.pupils().stream().map(Pupil::name)
                    .collect(Collectors.joining(", ")) + ".")));
            sharing.stream().map(GroupView::watch).filter(watch -> !watch.isEmpty()).distinct()
                    .forEach(watch -> parts.add(new Paragraph("Watch for: " + watch)));
        });
        List<Page> pages = new ArrayList<>();
        groups.stream().findFirst().ifPresent(group -> {
            Operation operation = Ladder.find(group.rung()).orElseThrow().wishes().operation();
            List<Page> example = HowWeWriteIt.pages(ProblemText.read(HowWeWriteIt.example(operation), 0, Punctuation.POINT),
                    styles.of(teacherId), preferences.of(teacherId).cues());
            pages.add(example.get(0));
        });
        // The way it is written stands on the back of the same sheet of paper.
        pages.addAll(0, TextPages.of(schoolClass.name(), DAY.format(date), parts));
        return new Report(schoolClass.name(), pages);
    }
}
