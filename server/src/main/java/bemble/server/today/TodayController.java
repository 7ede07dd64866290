package bemble.server.today;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.style.HouseStyle;
import bemble.core.progress.State;
import bemble.server.account.SignedIn;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import bemble.server.log.LastWorked;
import bemble.server.log.papers.PapersBegun;
import bemble.server.marking.WaitingPiles;
import bemble.server.plan.PlanService;
import bemble.server.plan.PlanViews.DayView;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.progress.PupilPlaces;
import bemble.server.progress.RecordService;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What waits for the teacher signed in. */
@RestController
class TodayController {
    private final ClassService classes;
    private final RecordService records;
    private final PlanService plans;
    private final WaitingPiles piles;
    private final LastWorked last;
    private final PapersBegun papers;
    private final BegunMapper begun;
    private final PreferencesService preferences;
    private final StyleService styles;

    TodayController(ClassService classes, RecordService records, PlanService plans, WaitingPiles piles, LastWorked last,
            BegunMapper begun,
            PreferencesService preferences, StyleService styles, PapersBegun papers) {
        this.papers = papers;
        this.styles = styles;
        this.begun = begun;
        this.preferences = preferences;
        this.classes = classes;
        this.records = records;
        this.plans = plans;
        this.piles = piles;
        this.last = last;
    }

    /** A class's lesson of the day; without groups where there is none. */
    record Lesson(@NotNull ClassId classId, @NotNull String className, @NotNull LocalDate date,
            @NotNull List<GroupView> groups) {}

    record WaitingPile(@NotNull MarkingId id, @NotNull String title, @NotNull String className, @NotNull int waiting,
            @NotNull int papers) {}

    /** A pupil with the rungs that come back. */
    record DuePupil(@NotNull Pupil pupil, @NotNull String className, @NotNull List<String> rungs) {}

    /** A paper begun to write on and not handed in. */
    record BegunPaper(@NotNull EntryId id, @NotNull String problem, @NotNull OffsetDateTime begunAt) {}

    /** The last problem that was worked, as it is written in the teacher's house style. */
    record LastProblem(@NotNull String problem, @NotNull String answer, @NotNull String label) {}

    /**
     * @param lessons of today, or of the next day with a lesson where today has none
     * @param toBeJudged how many papers are marked, and what fits their wrong answers is still looked for
     * @param toTry what was never done yet, of style, board, sheet, mark and write; empty where the teacher does not want to be shown
     */
    record TodayView(@NotNull LocalDate today, @NotNull List<Lesson> lessons, @NotNull List<WaitingPile> piles,
            @NotNull List<DuePupil> due, @Nullable LastProblem last, @NotNull List<BegunPaper> papers,
            @NotNull int toBeJudged, @NotNull List<String> toTry) {}

    /** What waits: the lessons of the day, piles, pupils due, and what was begun. */
    @GetMapping("/api/today")
    TodayView today(@AuthenticationPrincipal SignedIn teacher) {
        LocalDate today = records.today();
        HouseStyle style = styles.of(teacher.id());
        List<Lesson> lessons = new ArrayList<>();
        List<DuePupil> due = new ArrayList<>();
        List<SchoolClass> all = classes.all(teacher.id());
        Map<ClassId, List<PupilPlaces>> places = records.places(all);
        for (SchoolClass schoolClass : all) {
            List<PupilPlaces> work = places.getOrDefault(schoolClass.id(), List.of());
            Stream.of(today, today.plusWeeks(1))
                    .flatMap(week -> plans.plan(schoolClass, week, () -> work).days().stream())
                    .filter(day -> !day.date().isBefore(today)).findFirst()
                    .ifPresent(day -> lessons.add(lesson(schoolClass, day)));
            for (PupilPlaces pupil : work) {
                List<String> rungs = Ladder.all().stream().filter(rung -> pupil.state(rung.id()) == State.DUE)
                        .map(Rung::fullTitle).toList();
                if (!rungs.isEmpty()) {
                    due.add(new DuePupil(pupil.pupil(), schoolClass.name(), rungs));
                }
            }
        }
        return new TodayView(today, lessons,
                piles.of(teacher.id()).stream().map(pile -> new WaitingPile(pile.id(), pile.title(),
                        pile.className(), pile.waiting(), pile.papers())).toList(),
                due, last.of(teacher.id())
                        .map(worked -> new LastProblem(style.problem(worked.problem()),
                                style.answer(worked.answer()), worked.label()))
                        .orElse(null),
                papers.of(teacher.id()).stream()
                        .map(paper -> new BegunPaper(paper.id(), style.problem(paper.problem()), paper.begunAt()))
                        .toList(),
                piles.toBeJudged(teacher.id()), toTry(teacher.id()));
    }

    private List<String> toTry(TeacherId teacherId) {
        if (preferences.of(teacherId).skipsFirstSteps()) {
            return List.of();
        }
        BegunMapper.Begun done = begun.of(teacherId);
        List<String> left = new ArrayList<>();
        Map<String, Boolean> ways = new LinkedHashMap<>();
        ways.put("style", done.style());
        ways.put("board", done.worked());
        ways.put("sheet", done.sheet());
        ways.put("mark", done.pile());
        ways.put("write", done.paper());
        ways.forEach((way, is) -> {
            if (!is) {
                left.add(way);
            }
        });
        return left;
    }

    private static Lesson lesson(SchoolClass schoolClass, DayView day) {
        return new Lesson(schoolClass.id(), schoolClass.name(), day.date(), day.groups());
    }
}
