package bemble.server.plan;

import bemble.core.plan.Need;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.PupilId;
import bemble.server.plan.PlanContent.PlannedGroup;
import bemble.server.plan.PlanViews.DayView;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.plan.PlanViews.PlanView;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A week's plan as it is shown, with what each group is there for and what to watch. */
final class ShownPlan {
    private ShownPlan() {}

    static PlanView of(SchoolClass schoolClass, LocalDate monday, PlanContent content, int revision, int minutes) {
        Map<PupilId, Pupil> byId = schoolClass.pupils().stream().collect(Collectors.toMap(Pupil::id, pupil -> pupil));
        List<DayView> days = content.days().stream().map(day -> new DayView(day.date(), day.groups().stream()
                .map(group -> view(group, byId, part(group, day.groups()), group.equals(withYou(day.groups())),
                        left(group, day.groups(), minutes)))
                .toList())).toList();
        List<PupilId> busy = content.days().stream().flatMap(day -> day.groups().stream())
                .flatMap(group -> group.pupils().stream()).toList();
        return new PlanView(schoolClass.id(), schoolClass.name(), monday, revision, minutes, days,
                content.conflicts(),
                schoolClass.pupils().stream().filter(pupil -> !busy.contains(pupil.id())).toList());
    }

    /** Which it is of several groups with the same sheet on a day; nothing where there is one. */
    private static String part(PlannedGroup group, List<PlannedGroup> ofDay) {
        List<PlannedGroup> same = ofDay.stream().filter(each -> need(each).equals(need(group))).toList();
        return same.size() < 2 ? "" : ", group " + (same.indexOf(group) + 1) + " of " + same.size();
    }

    /** What a lesson has left for a group when each of its pupils has done every sheet of theirs. */
    private static int left(PlannedGroup group, List<PlannedGroup> ofDay, int minutes) {
        int busiest =
                group.pupils().stream().mapToInt(pupil -> ofDay.stream().filter(each -> each.pupils().contains(pupil))
                        .mapToInt(PlannedGroup::minutes).sum()).max().orElse(group.minutes());
        return Math.max(0, minutes - busiest);
    }

    /** The group that needs its teacher most. */
    private static @Nullable PlannedGroup withYou(List<PlannedGroup> ofDay) {
        return ofDay.stream().filter(group -> !group.pupils().isEmpty()).min(Comparator
                .comparing((PlannedGroup group) -> need(group), Need.NEEDS_TEACHER)
                .thenComparing(group -> -group.pupils().size())).orElse(null);
    }

    private static GroupView view(PlannedGroup group, Map<PupilId, Pupil> pupils, String part, boolean withYou,
            int left) {
        Need need = need(group);
        Rung rung = Ladder.find(group.rung()).orElseThrow();
        String watch = group.slip() == null ? "" : Slips.find(group.slip(), rung.wishes().operation())
                .map(slip -> "one who " + slip.label() + ". " + slip.help()).orElse("");
        return new GroupView(group.key(), group.kind(), group.rung(), rung.wishes().operation(), group.slip(),
                rung.fullTitle() + part,
                need.reason(), watch, group.questions(), group.minutes(),
                group.pupils().stream().filter(pupils::containsKey).map(pupils::get).toList(), group.setId(), withYou,
                left);
    }

    /** @throws Refusal where there is no such need */
    static Need need(PlannedGroup group) {
        return need(group.kind(), group.rung(), group.slip());
    }

    static Need need(Need.Kind kind, String rung, @Nullable String slip) {
        if (Ladder.find(rung).isEmpty()) {
            throw Refusal.of("rung", "“" + rung + "” is on no ladder.");
        }
        return new Need(kind, rung, slip);
    }
}
