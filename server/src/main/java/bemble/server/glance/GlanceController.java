package bemble.server.glance;

import bemble.core.practice.Rung;
import bemble.core.problem.Refusal;
import bemble.server.account.SignedIn;
import bemble.server.classes.ClassService;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.glance.Steps.Wanted;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import bemble.server.progress.PupilWork.OnRung;
import bemble.server.progress.RecordService;
import bemble.server.style.StyleService;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of what was marked, for who looks rather than reads. */
@RestController
class GlanceController {
    private final ClassService classes;
    private final RecordService records;
    private final StyleService styles;
    private final FactUses facts;

    GlanceController(ClassService classes, RecordService records, StyleService styles, FactUses facts) {
        this.classes = classes;
        this.records = records;
        this.styles = styles;
        this.facts = facts;
    }

    /**
     * A pupil's answers through eight weeks, a line for each rung.
     *
     * @param until a day in the last of the weeks; left out for the week of the latest answer
     */
    @GetMapping("/api/pupils/{id}/steps")
    StepsView ofPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id,
            @RequestParam @Nullable LocalDate until) {
        PupilWork pupil = records.pupil(teacher.id(), id).work();
        return steps(teacher, until, pupil.onRungs().stream().map(on -> new Wanted(pupil, on, named(on, pupil)))
                .toList());
    }

    /** A rung's name, with its sign where not all are of one operation. */
    private static String named(OnRung on, PupilWork pupil) {
        boolean several =
                pupil.onRungs().stream().map(each -> each.rung().wishes().operation()).distinct().count() > 1;
        return several ? on.rung().shortTitle() : on.rung().title();
    }

    /**
     * The answers of a class on one rung, a line for each pupil.
     *
     * @param rung left out for the one on which most was answered lately
     */
    @GetMapping("/api/classes/{id}/steps")
    ClassStepsView ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam @Nullable @Size(max = Limits.RUNG_LETTERS, message = "No step has a name of more than {max} letters.") String rung,
            @RequestParam @Nullable LocalDate until) {
        List<Wanted> lines = work(teacher, id).stream().flatMap(pupil -> pupil.onRungs().stream()
                .map(on -> new Wanted(pupil, on, pupil.pupil().name()))).toList();
        List<Rung> rungs = ClassRungs.of(lines);
        if (rungs.isEmpty()) {
            return new ClassStepsView(null, List.of(), steps(teacher, until, List.of()));
        }
        Rung chosen = rung == null ? ClassRungs.latest(lines, rungs)
                : rungs.stream().filter(each -> each.id().equals(rung)).findFirst()
                        .orElseThrow(() -> new Missing("Nobody in this class has worked on that step."));
        List<Wanted> wanted = lines.stream().filter(line -> line.rung().rung().equals(chosen)).toList();
        return new ClassStepsView(chosen.id(), rungs.stream().map(ClassStepsView.RungChoice::of).toList(),
                steps(teacher, until, wanted));
    }

    private StepsView steps(SignedIn teacher, @Nullable LocalDate until, List<Wanted> wanted) {
        LocalDate today = records.today();
        LocalDate latest = wanted.stream().flatMap(each -> each.rung().answers().stream()).map(Answer::day)
                .max(LocalDate::compareTo).orElse(today);
        LocalDate end = Optional.ofNullable(until).orElse(latest);
        if (end.isAfter(today.plusYears(1)) || end.isBefore(today.minusYears(Steps.MOST_YEARS))) {
            throw Refusal.of("until", "Nothing is looked up that far away. Give a day such as " + today + ".");
        }
        return new Steps(end, today, styles.of(teacher.id())).of(wanted);
    }

    /** The facts that a pupil's answers rest on, as squares. */
    @GetMapping("/api/pupils/{id}/facts")
    FactSquaresView factsOfPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return squares(teacher, List.of(records.pupil(teacher.id(), id).work()));
    }

    /** The same of a class. */
    @GetMapping("/api/classes/{id}/facts")
    FactSquaresView factsOfClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return squares(teacher, work(teacher, id));
    }

    private FactSquaresView squares(SignedIn teacher, List<PupilWork> pupils) {
        return new FactSquares(facts, styles.of(teacher.id()), pupils).view();
    }

    /** Where a class stands: each pupil on the highest rung that is secure. */
    @GetMapping("/api/classes/{id}/stairs")
    StairView stairs(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return Stairs.of(records.places(classes.find(teacher.id(), id)), records.today());
    }

    private List<PupilWork> work(SignedIn teacher, ClassId id) {
        SchoolClass schoolClass = classes.find(teacher.id(), id);
        return records.work(teacher.id(), schoolClass);
    }

    /**
     * A class on one rung through time.
     *
     * @param rung the one shown; left out where nothing was answered yet
     * @param rungs those that can be chosen
     */
    record ClassStepsView(@Nullable String rung, @NotNull List<RungChoice> rungs, @NotNull StepsView steps) {
        record RungChoice(@NotNull String id, @NotNull String label) {
            static RungChoice of(Rung rung) {
                return new RungChoice(rung.id(), rung.fullTitle());
            }
        }
    }
}
