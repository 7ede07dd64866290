package bemble.core.plan;

import bemble.core.plan.WeekPlan.Day;
import bemble.core.plan.WeekPlan.Group;
import bemble.core.progress.SecureRule;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;

/** The lessons of a week while sheets are put into them: no limit of the teacher's is passed by what may be done here. */
final class WeekDraft {
    /** What is left of a lesson for checking; more is to be worked in. */
    private static final int TO_CHECK = 3;
    private static final int MOST_TO_SIT_WITH = 8;

    private final PlanWishes wishes;
    private final SheetLengths lengths;
    private final Map<LocalDate, List<Group>> placed = new LinkedHashMap<>();
    /** The minutes that each pupil has work for. */
    private final Map<LocalDate, Map<Long, Integer>> taken = new HashMap<>();

    WeekDraft(PlanWishes wishes, SheetLengths lengths) {
        this.wishes = wishes;
        this.lengths = lengths;
        wishes.days().stream().sorted().distinct().forEach(day -> {
            placed.put(day, new ArrayList<>());
            taken.put(day, new HashMap<>());
        });
    }

    Set<LocalDate> days() {
        return placed.keySet();
    }

    List<Day> lessons() {
        return placed.entrySet().stream().map(each -> new Day(each.getKey(), each.getValue())).toList();
    }

    private List<Group> placed(LocalDate day) {
        return Objects.requireNonNull(placed.get(day), "a day of this week");
    }

    private Map<Long, Integer> taken(LocalDate day) {
        return Objects.requireNonNull(taken.get(day), "a day of this week");
    }

    List<Need> sheets(LocalDate day) {
        return placed(day).stream().map(Group::need).distinct().toList();
    }

    boolean hasWork(LocalDate day, long pupil) {
        return taken(day).containsKey(pupil);
    }

    boolean isPlaced(Need need, long pupil) {
        return times(need, pupil) > 0;
    }

    /** In how many lessons a pupil has a sheet. */
    long times(Need need, long pupil) {
        return placed.values().stream().flatMap(List::stream)
                .filter(group -> serves(group.need(), need) && group.pupils().contains(pupil)).count();
    }

    /** What works on a rung works on it whatever each is there for; what comes back is looked at. */
    private static boolean serves(Need sheet, Need need) {
        return sheet.rung().equals(need.rung())
                && (sheet.kind() == Need.Kind.RETRY) == (need.kind() == Need.Kind.RETRY);
    }

    boolean fits(LocalDate day, long pupil, Need need) {
        return taken(day).getOrDefault(pupil, 0) + lengths.of(need).minutes() <= wishes.minutes()
                && placed(day).stream()
                        .noneMatch(group -> group.need().equals(need) && group.pupils().contains(pupil));
    }

    /** A group that works on a step is one that its teacher can sit with. */
    private int most(Need need) {
        boolean toSitWith = need.kind() != Need.Kind.RETRY && need.kind() != Need.Kind.EXTEND;
        return toSitWith ? Math.min(MOST_TO_SIT_WITH, wishes.groupMost()) : wishes.groupMost();
    }

    void put(LocalDate day, Need need, List<Long> ids) {
        // Of two groups where one would be too large neither is a remnant.
        int groups = (ids.size() + most(need) - 1) / most(need);
        for (int i = 0; i < groups; i++) {
            List<Long> group = List.copyOf(ids.subList(i * ids.size() / groups, (i + 1) * ids.size() / groups));
            SheetLengths.Length length = lengths.of(need);
            if (group.size() == 1 && need.kind() == Need.Kind.RETRY) {
                // A sheet of three minutes is not worth handing out to one child.
                SheetLengths.Length longer = SheetLengths.whole(need, SecureRule.USUAL.again());
                length = taken(day).getOrDefault(group.get(0), 0) + longer.minutes() <= wishes.minutes() ? longer
                        : length;
            }
            int minutes = length.minutes();
            placed(day).add(new Group(need, length.questions(), minutes, group));
            group.forEach(pupil -> taken(day).merge(pupil, minutes, Integer::sum));
        }
    }

    /** Adds a pupil to a group with that sheet, or makes one. */
    void join(LocalDate day, Need need, long pupil) {
        List<Group> groups = placed(day);
        for (int i = 0; i < groups.size(); i++) {
            Group group = groups.get(i);
            if (group.need().equals(need) && group.pupils().size() < most(need)) {
                List<Long> more = new ArrayList<>(group.pupils());
                more.add(pupil);
                groups.set(i, new Group(need, group.questions(), group.minutes(), List.copyOf(more)));
                taken(day).merge(pupil, group.minutes(), Integer::sum);
                return;
            }
        }
        put(day, need, List.of(pupil));
    }

    /**
     * Gives each group the sheet that its own pupils want, where the lesson can have one more and there is time for it.
     *
     * @param wanted which sheet some pupils want in the place of one
     */
    void settle(LocalDate day, BiFunction<Need, List<Long>, Need> wanted) {
        List<Group> groups = placed(day);
        for (int i = 0; i < groups.size(); i++) {
            Group group = groups.get(i);
            Need need = wanted.apply(group.need(), group.pupils());
            if (need.equals(group.need())) {
                continue;
            }
            SheetLengths.Length length = lengths.of(need);
            int more = length.minutes() - group.minutes();
            List<Group> settled = new ArrayList<>(groups);
            settled.set(i, new Group(need, length.questions(), length.minutes(), group.pupils()));
            if (settled.stream().map(Group::need).distinct().count() <= wishes.sheets()
                    && group.pupils().stream()
                            .allMatch(pupil -> taken(day).getOrDefault(pupil, 0) + more <= wishes.minutes())) {
                groups.set(i, settled.get(i));
                group.pupils().forEach(pupil -> taken(day).merge(pupil, more, Integer::sum));
            }
        }
    }

    /** Makes the sheets of those who work alone as long as the lesson. */
    void lengthen(LocalDate day) {
        List<Group> groups = placed(day);
        Optional<Need> withTeacher = groups.stream().min(Comparator.comparing(Group::need, Need.NEEDS_TEACHER)
                .thenComparing(group -> -group.pupils().size())).map(Group::need);
        for (Need need : sheets(day)) {
            List<Group> same = groups.stream().filter(group -> group.need().equals(need)).toList();
            int time = same.stream().mapToInt(group -> group.minutes() + wishes.minutes() - group.pupils().stream()
                    .mapToInt(taken(day)::get).max().orElseThrow()).min().orElseThrow();
            int longestNow = same.stream().mapToInt(Group::minutes).max().orElseThrow();
            if (time - longestNow > TO_CHECK && withTeacher.filter(need::equals).isEmpty()) {
                int before = same.stream().mapToInt(Group::questions).max().orElseThrow();
                SheetLengths.longer(need, before, time).ifPresent(longer -> {
                    groups.replaceAll(group -> group.need().equals(need)
                            ? new Group(need, longer.questions(), longer.minutes(), group.pupils()) : group);
                    same.forEach(group -> group.pupils().forEach(
                            pupil -> taken(day).merge(pupil, longer.minutes() - group.minutes(), Integer::sum)));
                });
            }
        }
    }
}
