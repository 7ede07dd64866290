package bemble.core.plan;

import bemble.core.practice.Effort;
import bemble.core.practice.Ladder;
import bemble.core.practice.Question;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A week of sheets for groups. What must hold: what is due is placed first and is never left out in silence; nobody skips
 * a rung whose slip still shows; no group, no day's minutes and no number of sheets is larger than the teacher says.
 * What is preferred: many pupils a sheet, and where there is room the same rung on a second day.
 *
 * @param conflicts wishes that could not be met together, and what would help
 */
public record WeekPlan(List<Day> days, List<String> conflicts) {
    private static final long SAMPLE_SEED = 11;
    private static final int SHORTEST = 3;
    /** By which the minutes of a sheet are told; drawn once for each need there can be. */
    private static final Map<Need, List<Question>> SAMPLES = new ConcurrentHashMap<>();

    /** A lesson with its groups. */
    public record Day(LocalDate date, List<Group> groups) {}

    /**
     * Pupils with the same sheet.
     *
     * @param questions how many questions the sheet has
     * @param minutes how long it takes
     */
    public record Group(Need need, int questions, int minutes, List<Long> pupils) {}

    /** Plans a week. */
    public static WeekPlan of(List<PlannedPupil> pupils, PlanWishes wishes) {
        return new Planning(pupils, wishes).plan();
    }

    /** One plan while it is made. */
    private static final class Planning {
        private final List<PlannedPupil> pupils;
        private final PlanWishes wishes;
        private final Map<LocalDate, List<Group>> placed = new LinkedHashMap<>();
        private final Map<LocalDate, Map<Long, Integer>> taken = new HashMap<>();
        private final Map<Need, Integer> questions = new HashMap<>();
        private final Map<Need, Integer> minutes = new HashMap<>();
        private final List<String> conflicts = new ArrayList<>();

        Planning(List<PlannedPupil> pupils, PlanWishes wishes) {
            this.pupils = pupils;
            this.wishes = wishes;
            wishes.days().stream().sorted().distinct().forEach(day -> {
                placed.put(day, new ArrayList<>());
                taken.put(day, new HashMap<>());
            });
        }

        WeekPlan plan() {
            Map<Need, List<PlannedPupil>> byNeed = new LinkedHashMap<>();
            pupils.forEach(pupil -> Need.of(pupil, wishes.topics())
                    .forEach(need -> byNeed.computeIfAbsent(need, any -> new ArrayList<>()).add(pupil)));
            List<Map.Entry<Need, List<PlannedPupil>>> needs = byNeed.entrySet().stream().sorted(Comparator
                    .comparing((Map.Entry<Need, List<PlannedPupil>> each) -> each.getKey().kind())
                    .thenComparing(each -> -each.getValue().size())).toList();
            needs.forEach(each -> measure(each.getKey()));
            needs.forEach(each -> place(each.getKey(), each.getValue()));
            needs.stream().filter(each -> each.getKey().kind() != Need.Kind.RETRY).forEach(each -> repeat(each.getKey()));
            return new WeekPlan(placed.entrySet().stream().map(each -> new Day(each.getKey(), each.getValue())).toList(), conflicts);
        }

        /** How many questions of a need fit into a day. */
        private void measure(Need need) {
            int count = need.questions();
            List<Question> sample = SAMPLES.computeIfAbsent(need, any -> PlanSheet.draw(need, need.questions(), SAMPLE_SEED));
            int whole = Effort.minutes(sample);
            while (count > SHORTEST && Effort.minutes(sample.subList(0, count)) > wishes.minutes()) {
                count--;
            }
            int needed = Effort.minutes(sample.subList(0, count));
            if (count < need.questions() || needed > wishes.minutes()) {
                conflicts.add("“" + title(need) + "”: " + need.questions() + " questions take " + whole + " minutes, the day has "
                        + wishes.minutes() + (needed > wishes.minutes() ? "; even " + count + " take " + needed + "." : "; " + count + " fit."));
            }
            questions.put(need, count);
            minutes.put(need, Math.min(needed, wishes.minutes()));
        }

        private void place(Need need, List<PlannedPupil> wanting) {
            List<PlannedPupil> left = new ArrayList<>(wanting);
            // The days with the fewest sheets first, so that the week is even.
            List<LocalDate> days = placed.keySet().stream().sorted(Comparator.comparing((LocalDate day) -> sheets(day).size())
                    .thenComparing(day -> day)).toList();
            for (LocalDate day : days) {
                if (!left.isEmpty() && hasRoom(day, need)) {
                    List<PlannedPupil> here = left.stream().filter(pupil -> fits(day, pupil.id(), need)).toList();
                    put(day, need, here.stream().map(PlannedPupil::id).toList());
                    left.removeAll(here);
                }
            }
            if (!left.isEmpty()) {
                conflicts.add(names(left) + (left.size() == 1 ? " waits" : " wait") + " for “" + title(need)
                        + "”: the week has no room for it. Allow more minutes, more sheets or another day.");
            }
        }

        private static String names(List<PlannedPupil> some) {
            return String.join(", ", some.stream().map(PlannedPupil::name).toList());
        }

        /** The same again on a second day where there is room. */
        private void repeat(Need need) {
            List<LocalDate> days = new ArrayList<>(placed.keySet());
            for (int first = 0; first < days.size(); first++) {
                for (Group group : List.copyOf(placed.get(days.get(first)))) {
                    boolean once = group.need().equals(need) && placed.values().stream().flatMap(List::stream)
                            .filter(each -> each.need().equals(need) && each.pupils().equals(group.pupils())).count() < 2;
                    for (int later = days.size() - 1; later > first + 1 && once; later--) {
                        LocalDate day = days.get(later);
                        if (hasRoom(day, need) && group.pupils().stream().allMatch(pupil -> fits(day, pupil, need))) {
                            put(day, need, group.pupils());
                            once = false;
                        }
                    }
                }
            }
        }

        private List<Need> sheets(LocalDate day) {
            return placed.get(day).stream().map(Group::need).distinct().toList();
        }

        private boolean hasRoom(LocalDate day, Need need) {
            List<Need> there = sheets(day);
            return there.contains(need) || there.size() < wishes.sheets();
        }

        private boolean fits(LocalDate day, long pupil, Need need) {
            return taken.get(day).getOrDefault(pupil, 0) + minutes.get(need) <= wishes.minutes()
                    && placed.get(day).stream().noneMatch(group -> group.need().equals(need) && group.pupils().contains(pupil));
        }

        private void put(LocalDate day, Need need, List<Long> ids) {
            // Of two groups where one would be too large neither is a remnant.
            int groups = (ids.size() + wishes.groupMost() - 1) / wishes.groupMost();
            for (int i = 0; i < groups; i++) {
                List<Long> group = List.copyOf(ids.subList(i * ids.size() / groups, (i + 1) * ids.size() / groups));
                placed.get(day).add(new Group(need, questions.get(need), minutes.get(need), group));
                group.forEach(pupil -> taken.get(day).merge(pupil, minutes.get(need), Integer::sum));
            }
        }

        private static String title(Need need) {
            return Ladder.find(need.rung()).orElseThrow().fullTitle();
        }
    }
}
