package bemble.server.plan;

import bemble.core.plan.Need;
import bemble.core.plan.PlanSheet;
import bemble.core.plan.PlanWishes;
import bemble.core.plan.PlannedPupil;
import bemble.core.plan.WeekPlan;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.load.CacheRoom;
import bemble.server.plan.PlanContent.PlannedDay;
import bemble.server.plan.PlanContent.PlannedGroup;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.plan.PlanViews.PlanView;
import bemble.server.progress.MissedLessons;
import bemble.server.progress.PupilPlaces;
import bemble.server.progress.RecordService;
import bemble.server.sets.printed.PrintedSheets;
import bemble.server.storage.Turns;
import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Makes the week's plan of a class and keeps what is changed in it by hand. */
@Service
public class PlanService {
    private static final int KILOBYTES_A_PUPIL = 6;

    private record Asked(List<PlannedPupil> pupils, PlanWishes wishes) {
        WeekPlan plan() {
            return WeekPlan.of(pupils, wishes);
        }
    }

    private final Turns turns;
    private final ClassService classes;
    private final RecordService records;
    private final MissedLessons missedLessons;
    private final TermService terms;
    private final PlanMapper plans;
    private final PrintedSheets sheets;
    private final ObjectMapper json;
    /** Plans made lately: what a class can do and what is wanted of it say all of a plan, and mostly neither has changed. */
    private final Cache<Asked, WeekPlan> planned =
            CacheRoom.PLANS.cache((asked, plan) -> KILOBYTES_A_PUPIL * asked.pupils().size());

    PlanService(ClassService classes, RecordService records,
            MissedLessons missedLessons, TermService terms, PlanMapper plans, PrintedSheets sheets,
            ObjectMapper json, Turns turns) {
        this.turns = turns;
        this.classes = classes;
        this.records = records;
        this.missedLessons = missedLessons;
        this.terms = terms;
        this.plans = plans;
        this.sheets = sheets;
        this.json = json;
    }

    /** The pupils of a class in their order. */
    List<Pupil> register(TeacherId teacherId, ClassId classId) {
        return classes.find(teacherId, classId).pupils();
    }

    /** The Monday of the week that is meant: where no day is given, of the first week in which a lesson is still to come. */
    private LocalDate week(ClassId classId, LocalDate day) {
        if (day != null) {
            return Weeks.monday(day);
        }
        LocalDate today = records.today();
        boolean over =
                terms.weekdays(classId).stream().noneMatch(weekday -> weekday >= today.getDayOfWeek().getValue());
        return Weeks.monday(over ? today.plusWeeks(1) : today);
    }

    /** The plan of the week in which a day lies; of the week with the next lesson where none is given. */
    public PlanView plan(TeacherId teacherId, ClassId classId, LocalDate day) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return plan(schoolClass, day, () -> records.places(schoolClass));
    }

    /** The same for who knows already what the pupils have done. */
    public PlanView plan(SchoolClass schoolClass, LocalDate day, Supplier<List<PupilPlaces>> work) {
        LocalDate monday = week(schoolClass.id(), day);
        List<PupilPlaces> places = work.get();
        Term term = terms.of(schoolClass.id(), () -> places);
        List<PlannedPupil> pupils = planned(schoolClass, places);
        Kept kept = kept(schoolClass, monday, term, () -> pupils);
        return ShownPlan.of(schoolClass, monday, kept.content(), kept.revision(), term.wishes(monday), pupils);
    }

    private record Kept(PlanContent content, int revision) {}

    /** The plan as it was changed by hand, else as the record makes it. */
    private Kept kept(SchoolClass schoolClass, LocalDate monday, Term term, Supplier<List<PlannedPupil>> pupils) {
        return plans.plan(schoolClass.id(), monday)
                .map(stored -> new Kept(json.readValue(stored.content(), PlanContent.class), stored.revision()))
                .orElseGet(() -> new Kept(made(term.wishes(monday), pupils.get()), 0));
    }

    private List<PlannedPupil> planned(SchoolClass schoolClass, List<PupilPlaces> work) {
        Map<PupilId, Set<String>> missed = missedLessons.of(schoolClass);
        return work.stream().map(each -> new PlannedPupil(each.pupil().id().value(), each.pupil().name(), each.all(),
                missed.getOrDefault(each.pupil().id(), Set.of()))).toList();
    }

    private PlanContent made(PlanWishes wishes, List<PlannedPupil> pupils) {
        List<LocalDate> left = wishes.days().stream().filter(day -> !day.isBefore(records.today())).toList();
        if (left.isEmpty()) {
            return new PlanContent(List.of(), List.of());
        }
        WeekPlan plan = planned.get(
                new Asked(pupils,
                        new PlanWishes(wishes.topics(), left, wishes.minutes(), wishes.groupMost(), wishes.sheets())),
                Asked::plan);
        int[] count = {0};
        return new PlanContent(plan.days().stream().map(day -> new PlannedDay(day.date(), day.groups().stream()
                .map(group -> new PlannedGroup("g" + ++count[0], group.need().kind(), group.need().rung(),
                        group.need().slip(),
                        group.questions(), group.minutes(), group.pupils().stream().map(PupilId::new).toList(), null))
                .toList())).toList(), plan.conflicts());
    }

    /**
     * Keeps a plan as it was changed by hand.
     *
     * @param revision the revision that was changed; 0 where it was the one made from the record
     * @throws ChangedElsewhere with the plan as it is now, where another window has changed it meanwhile
     */
    @Transactional
    PlanView keep(TeacherId teacherId, ClassId classId, LocalDate day, PlanContent content, int revision) {
        turns.of(teacherId);
        classes.find(teacherId, classId);
        LocalDate monday = week(classId, day);
        content.days().forEach(each -> each.groups().forEach(group -> {
            ShownPlan.need(group);
            if (group.setId() != null) {
                sheets.ofSet(teacherId, group.setId());
            }
            if (group.questions() < 1 || group.questions() > Limits.PLANNED_QUESTIONS) {
                throw Refusal.of("questions", "A sheet has 1 to " + Limits.PLANNED_QUESTIONS + " questions.");
            }
        }));
        String text = json.writeValueAsString(content);
        int kept = revision == 0 ? plans.begin(classId, monday, text) : plans.change(classId, monday, text, revision);
        if (kept == 0) {
            throw new ChangedElsewhere(plan(teacherId, classId, monday));
        }
        return plan(teacherId, classId, monday);
    }

    /** Throws what was changed by hand away: the plan is made from the record again. */
    @Transactional
    PlanView again(TeacherId teacherId, ClassId classId, LocalDate day) {
        turns.of(teacherId);
        classes.find(teacherId, classId);
        plans.remove(classId, week(classId, day));
        return plan(teacherId, classId, day);
    }

    /**
     * Makes the set of a group's sheet, once; all groups of that day with the same sheet have it then.
     *
     * @return the set's id
     */
    @Transactional
    public SetId setFor(TeacherId teacherId, ClassId classId, LocalDate day, String key) {
        turns.of(teacherId);
        SchoolClass schoolClass = classes.find(teacherId, classId);
        LocalDate monday = week(classId, day);
        Supplier<List<PupilPlaces>> work = () -> records.places(schoolClass);
        Kept kept = kept(schoolClass, monday, terms.of(classId, work), () -> planned(schoolClass, work.get()));
        PlanContent content = kept.content();
        PlannedDay planned = content.days().stream()
                .filter(each -> each.groups().stream().anyMatch(group -> group.key().equals(key)))
                .findFirst()
                .orElseThrow(() -> new Missing("This group is not in the week's plan any more. Load the plan again."));
        PlannedGroup group = planned.groups().stream().filter(each -> each.key().equals(key)).findFirst().orElseThrow();
        if (group.setId() != null) {
            return group.setId();
        }
        Need need = ShownPlan.need(group);
        Rung rung = Ladder.find(group.rung()).orElseThrow();
        List<Problem> problems = drawn(need, group.questions(), planned.date());
        SetId setId = sheets.keep(teacherId,
                schoolClass.name() + ", " + dayName(planned.date()) + ": " + rung.fullTitle(), schoolClass.name(),
                rung.wishes().operation(), problems);
        UnaryOperator<PlannedGroup> with =
                each -> ShownPlan.need(each).equals(need) && each.questions() == group.questions() ? each.withSet(setId)
                        : each;
        PlanContent changed = new PlanContent(content.days().stream().map(each -> each.date().equals(planned.date())
                ? new PlannedDay(each.date(), each.groups().stream().map(with).toList()) : each).toList(),
                content.conflicts());
        keep(teacherId, classId, monday, changed, kept.revision());
        return setId;
    }

    /** The questions of a group's sheet: as they are in its set, or as they will be when it is made. */
    public List<Problem> problems(TeacherId teacherId, LocalDate date, GroupView group) {
        return group.setId() != null ? sheets.ofSet(teacherId, group.setId()).problems()
                : drawn(ShownPlan.need(group.kind(), group.rung(), group.slip()), group.questions(), date);
    }

    /** How a question of a group's sheet is worked, for who was not there; it stands on no sheet of the group. */
    Problem shown(TeacherId teacherId, LocalDate date, GroupView group) {
        List<Problem> onSheet = problems(teacherId, date, group);
        return drawn(new Need(Need.Kind.NEXT, group.rung(), null), onSheet.size() + 1, date.plusYears(1)).stream()
                .filter(problem -> !onSheet.contains(problem)).findFirst().orElse(onSheet.get(0));
    }

    /** The same for everybody who needs the same on that day. */
    private static List<Problem> drawn(Need need, int questions, LocalDate date) {
        long seed = date.toEpochDay() + (need.kind().id() + need.rung() + need.slip()).hashCode();
        return PlanSheet.draw(need, questions, seed).stream().map(FeaturedProblem::problem).toList();
    }

    private static String dayName(LocalDate date) {
        return date.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }
}
