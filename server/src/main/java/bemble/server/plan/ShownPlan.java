package bemble.server.plan;

import bemble.core.problem.Operation;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.plan.Need;
import bemble.core.plan.PlanWishes;
import bemble.core.plan.PlannedPupil;
import bemble.core.plan.Seat;
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
import bemble.server.plan.PlanViews.SeatView;
import bemble.server.plan.PlanViews.Sitting;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A week's plan as it is shown, with what each group is there for and what to watch. */
final class ShownPlan {
    private final Map<PupilId, Pupil> byId;
    private final Map<PupilId, PlannedPupil> planned;
    private final List<String> topics;
    private final int minutes;
    /** Who has had a sheet on which rung by the lesson that is looked at. */
    private final Set<OnRung> had = new HashSet<>();

    private record OnRung(PupilId pupil, String rung) {}

    private ShownPlan(SchoolClass schoolClass, List<PlannedPupil> pupils, PlanWishes wishes) {
        byId = schoolClass.pupils().stream().collect(Collectors.toMap(Pupil::id, pupil -> pupil));
        planned = pupils.stream().collect(Collectors.toMap(pupil -> new PupilId(pupil.id()), pupil -> pupil));
        topics = wishes.topics();
        minutes = wishes.minutes();
    }

    /** @param pupils what they can do by now */
    static PlanView of(SchoolClass schoolClass, LocalDate monday, PlanContent content, int revision, PlanWishes wishes,
            List<PlannedPupil> pupils) {
        ShownPlan shown = new ShownPlan(schoolClass, pupils, wishes);
        List<DayView> days = new ArrayList<>();
        content.days().forEach(day -> days.add(new DayView(day.date(), shown.groups(day.groups()))));
        List<PupilId> busy = content.days().stream().flatMap(day -> day.groups().stream())
                .flatMap(group -> group.pupils().stream()).toList();
        return new PlanView(schoolClass.id(), schoolClass.name(), monday, revision, wishes.minutes(), days,
                content.conflicts(),
                schoolClass.pupils().stream().filter(pupil -> !busy.contains(pupil.id())).toList(),
                revision == 0 ? List.of() : shown.offered(content));
    }

    private List<GroupView> groups(List<PlannedGroup> ofDay) {
        Map<PlannedGroup, List<Seat>> seats = new LinkedHashMap<>();
        ofDay.forEach(group -> seats.put(group, seats(group)));
        ofDay.forEach(group -> group.pupils().forEach(pupil -> had.add(new OnRung(pupil, group.rung()))));
        List<PlannedGroup> turns = turns(seats);
        return ofDay.stream().map(group -> {
            int left = left(group, ofDay);
            return view(group, Objects.requireNonNull(seats.get(group)), part(group, ofDay),
                    sitting(turns, group, left), left);
        }).toList();
    }

    /** What went wrong by now, for whom this week has nothing. */
    private List<String> offered(PlanContent content) {
        List<String> offered = new ArrayList<>();
        byId.forEach((id, pupil) -> Optional.ofNullable(planned.get(id)).stream()
                .flatMap(each -> Need.of(each, topics).stream())
                .filter(need -> need.kind() == Need.Kind.AGAIN || need.kind() == Need.Kind.QUIZ)
                .filter(need -> content.days().stream().flatMap(day -> day.groups().stream())
                        .noneMatch(group -> group.rung().equals(need.rung()) && group.pupils().contains(id)))
                .forEach(need -> offered
                        .add(pupil.name() + " needs “" + Ladder.find(need.rung()).orElseThrow().fullTitle()
                                + "” by now (" + seat(need, id).because() + "); this week has nothing for it.")));
        return offered;
    }

    private Seat seat(Need need, PupilId id) {
        PlannedPupil pupil = planned.getOrDefault(id, new PlannedPupil(id.value(), "", Map.of()));
        return Seat.of(need, pupil, topics, had.contains(new OnRung(id, need.rung())));
    }

    /** Which it is of several groups with the same sheet on a day; nothing where there is one. */
    private static String part(PlannedGroup group, List<PlannedGroup> ofDay) {
        List<PlannedGroup> same = ofDay.stream().filter(each -> need(each).equals(need(group))).toList();
        return same.size() < 2 ? "" : ", group " + (same.indexOf(group) + 1) + " of " + same.size();
    }

    /** What a lesson has left for a group when each of its pupils has done every sheet of theirs. */
    private int left(PlannedGroup group, List<PlannedGroup> ofDay) {
        int busiest =
                group.pupils().stream().mapToInt(pupil -> ofDay.stream().filter(each -> each.pupils().contains(pupil))
                        .mapToInt(PlannedGroup::minutes).sum()).max().orElse(group.minutes());
        return Math.max(0, minutes - busiest);
    }

    /**
     * The group that needs its teacher most: the one with most pupils for whom its step goes wrong; and where for another one it
     * goes wrong in half as many at least, that one after it.
     */
    private static List<PlannedGroup> turns(Map<PlannedGroup, List<Seat>> ofDay) {
        List<PlannedGroup> inNeed = ofDay.keySet().stream().filter(group -> !group.pupils().isEmpty()).sorted(Comparator
                .comparing((PlannedGroup group) -> -pressing(ofDay, group))
                .thenComparing(ShownPlan::need, Need.NEEDS_TEACHER)
                .thenComparing(group -> -group.pupils().size())).toList();
        boolean two = inNeed.size() > 1 && pressing(ofDay, inNeed.get(1)) > 0
                && 2 * pressing(ofDay, inNeed.get(1)) >= pressing(ofDay, inNeed.get(0))
                && Collections.disjoint(inNeed.get(0).pupils(), inNeed.get(1).pupils());
        return inNeed.subList(0, Math.min(inNeed.size(), two ? 2 : 1));
    }

    /** When the teacher sits with a group: two take turns by halves; one alone is with her until its sheet begins. */
    private @Nullable Sitting sitting(List<PlannedGroup> turns, PlannedGroup group, int left) {
        int half = minutes / 2;
        return switch (turns.indexOf(group)) {
            case 0 -> turns.size() == 2 ? new Sitting(0, half, "first " + half + " min with you")
                    : left > 0 ? new Sitting(0, left, "first " + left + " min with you")
                            : new Sitting(0, minutes, "with you");
            case 1 -> new Sitting(half, minutes, "with you from minute " + half);
            default -> null;
        };
    }

    private static long pressing(Map<PlannedGroup, List<Seat>> ofDay, PlannedGroup group) {
        return Objects.requireNonNull(ofDay.get(group)).stream().filter(seat -> seat.why() == Seat.Why.NEEDS)
                .filter(seat -> seat.need().kind() == Need.Kind.AGAIN || seat.need().kind() == Need.Kind.QUIZ).count();
    }

    private List<Seat> seats(PlannedGroup group) {
        return group.pupils().stream().filter(byId::containsKey).map(id -> seat(need(group), id)).toList();
    }

    private GroupView view(PlannedGroup group, List<Seat> seats, String part, @Nullable Sitting withYou,
            int left) {
        Need need = need(group);
        Rung rung = Ladder.find(group.rung()).orElseThrow();
        Operation operation = rung.wishes().operation();
        Optional<KnownSlip> slip = Optional.ofNullable(group.slip()).flatMap(id -> Slips.find(id, operation));
        String watch = slip.map(known -> "one who " + known.label() + ". " + known.help()).orElse("");
        boolean all = seats.stream().allMatch(seat -> seat.why() == Seat.Why.NEEDS && seat.need().equals(need));
        return new GroupView(group.key(), group.kind(), group.rung(), operation, group.slip(),
                slip.map(KnownSlip::name).orElse(null), rung.fullTitle() + part, rung.shortTitle(),
                all ? need.reason() : need.purpose(), watch, group.questions(),
                group.minutes(), group.pupils().stream().filter(byId::containsKey).map(byId::get).toList(),
                group.setId(), withYou, left,
                seats.stream().map(
                        seat -> new SeatView(new PupilId(seat.pupil()), seat.why(), seat.catchesUp(), seat.because()))
                        .toList(),
                need.then());
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
