package bemble.core.plan;

import bemble.core.practice.Effort;
import bemble.core.practice.Ladder;
import bemble.core.practice.Question;
import bemble.core.problem.Refusal;
import bemble.core.progress.Rule;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A week of sheets for groups. What must hold: what goes wrong is placed first and early, then what is due, and nothing is left
 * out in silence; nobody skips a rung that still fails; no group, no day's minutes and no number of sheets is larger than the
 * teacher says; nobody is without work in a lesson. What is preferred: many pupils a sheet, and where there is room the same
 * rung on a second day. A sheet that leaves much of its lesson is made longer, but for that of the group its teacher sits with.
 *
 * @param conflicts wishes that could not be met together, and what would help
 */
public record WeekPlan(List<Day> days, List<String> conflicts) {
    private static final long SAMPLE_SEED = 11;
    private static final int SHORTEST = 3;
    private static final int LONGEST = 16;
    /** What is left of a lesson for checking; more is to be worked in. */
    private static final int TO_CHECK = 3;
    /** By which the minutes of a sheet are told; drawn once for each need there can be. */
    private static final Map<Need, List<Question>> SAMPLES = new ConcurrentHashMap<>();

    private static final Map<Need, List<Question>> LONG_SAMPLES = new ConcurrentHashMap<>();

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
            Map<Long, List<Need>> ofPupils = new HashMap<>();
            pupils.forEach(pupil -> {
                List<Need> own = Need.of(pupil, wishes.topics());
                ofPupils.put(pupil.id(), own);
                own.forEach(need -> byNeed.computeIfAbsent(need, any -> new ArrayList<>()).add(pupil));
            });
            List<Map.Entry<Need, List<PlannedPupil>>> needs = byNeed.entrySet().stream().sorted(Comparator
                    .comparing((Map.Entry<Need, List<PlannedPupil>> each) -> each.getKey().kind())
                    .thenComparing(each -> -each.getValue().size())
                    .thenComparing(each -> rightShare(each.getKey(), each.getValue()))).toList();
            needs.forEach(each -> measure(each.getKey()));
            needs.forEach(each -> place(each.getKey(), each.getValue()));
            needs.stream().filter(each -> each.getKey().kind() != Need.Kind.RETRY).forEach(each -> repeat(each.getKey()));
            fill(ofPupils);
            placed.keySet().forEach(this::lengthen);
            return new WeekPlan(placed.entrySet().stream().map(each -> new Day(each.getKey(), each.getValue())).toList(), conflicts);
        }

        /** How much of what rests on that rung is right, of all who need it: the worst is the most pressing. */
        private static double rightShare(Need need, List<PlannedPupil> wanting) {
            int right = wanting.stream().mapToInt(pupil -> pupil.on(need.rung()).right()).sum();
            int all = wanting.stream().mapToInt(pupil -> pupil.on(need.rung()).of()).sum();
            return all == 0 ? 1 : (double) right / all;
        }

        /** Whoever has nothing to do in a lesson gets their own sheet once more, or joins one that repeats what they can do. */
        private void fill(Map<Long, List<Need>> ofPupils) {
            for (LocalDate day : placed.keySet()) {
                List<PlannedPupil> idle = new ArrayList<>();
                for (PlannedPupil pupil : pupils) {
                    if (taken.get(day).containsKey(pupil.id())) {
                        continue;
                    }
                    List<Need> own = ofPupils.get(pupil.id()).stream().sorted(Comparator.comparing(need -> need.kind() == Need.Kind.RETRY)).toList();
                    List<Need> there = sheets(day);
                    Optional<Need> found = own.stream().filter(there::contains).findFirst()
                            .or(() -> own.stream().filter(need -> hasRoom(day, need)).findFirst())
                            .or(() -> there.stream().filter(need -> Need.isOpenTo(pupil, need.rung(), wishes.topics()))
                                    .max(Comparator.comparing(Need::kind)));
                    if (found.isEmpty()) {
                        idle.add(pupil);
                    } else {
                        join(day, found.get(), pupil.id());
                    }
                }
                if (!idle.isEmpty()) {
                    conflicts.add(names(idle) + (idle.size() == 1 ? " waits" : " wait") + " on " + day.getDayOfWeek().getDisplayName(
                            TextStyle.FULL, Locale.ENGLISH) + ": no sheet of that day is for them. Allow more sheets in a lesson.");
                }
            }
        }

        /** Makes the sheets of those who work alone as long as the lesson. */
        private void lengthen(LocalDate day) {
            List<Group> groups = placed.get(day);
            Optional<Need> withTeacher = groups.stream().min(Comparator.comparing(Group::need, Need.NEEDS_TEACHER)
                    .thenComparing(group -> -group.pupils().size())).map(Group::need);
            for (Need need : sheets(day)) {
                List<Group> same = groups.stream().filter(group -> group.need().equals(need)).toList();
                int time = same.stream().mapToInt(group -> group.minutes() + wishes.minutes() - group.pupils().stream()
                        .mapToInt(taken.get(day)::get).max().orElseThrow()).min().orElseThrow();
                int longestNow = same.stream().mapToInt(Group::minutes).max().orElseThrow();
                if (time - longestNow <= TO_CHECK || withTeacher.filter(need::equals).isPresent()) {
                    continue;
                }
                int before = same.stream().mapToInt(Group::questions).max().orElseThrow();
                List<Question> sample = LONG_SAMPLES.computeIfAbsent(need, Planning::longest);
                int count = sample.size();
                while (count > before && Effort.minutes(sample.subList(0, count)) > time) {
                    count--;
                }
                if (count > before) {
                    int longer = count;
                    int minutes = Effort.minutes(sample.subList(0, count));
                    groups.replaceAll(group -> group.need().equals(need) ? new Group(need, longer, minutes, group.pupils()) : group);
                    same.forEach(group -> group.pupils().forEach(pupil -> taken.get(day).merge(pupil, minutes - group.minutes(), Integer::sum)));
                }
            }
        }

        /** As many questions as a sheet may be made to have; none where there are not so many different ones. */
        private static List<Question> longest(Need need) {
            try {
                return PlanSheet.draw(need, LONGEST, SAMPLE_SEED);
            } catch (Refusal tooFew) {
                return List.of();
            }
        }

        /** Adds a pupil to a group with that sheet, or makes one. */
        private void join(LocalDate day, Need need, long pupil) {
            List<Group> groups = placed.get(day);
            for (int i = 0; i < groups.size(); i++) {
                Group group = groups.get(i);
                if (group.need().equals(need) && group.pupils().size() < wishes.groupMost()) {
                    List<Long> more = new ArrayList<>(group.pupils());
                    more.add(pupil);
                    groups.set(i, new Group(need, group.questions(), group.minutes(), List.copyOf(more)));
                    taken.get(day).merge(pupil, group.minutes(), Integer::sum);
                    return;
                }
            }
            put(day, need, List.of(pupil));
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
            // What went wrong comes as early as it can; for the rest the days with the fewest sheets first, so that the week is even.
            boolean pressing = need.kind() == Need.Kind.AGAIN || need.kind() == Need.Kind.QUIZ;
            List<LocalDate> days = placed.keySet().stream().sorted(Comparator.comparing((LocalDate day) -> pressing ? 0 : sheets(day).size())
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
                boolean alone = group.size() == 1 && need.kind() == Need.Kind.RETRY;
                int longer = alone ? Effort.minutes(PlanSheet.draw(need, Rule.USUAL.again(), SAMPLE_SEED)) : 0;
                boolean fits = alone && taken.get(day).getOrDefault(group.get(0), 0) + longer <= wishes.minutes();
                // A sheet of three minutes is not worth handing out to one child.
                int time = fits ? longer : minutes.get(need);
                placed.get(day).add(new Group(need, fits ? Rule.USUAL.again() : questions.get(need), time, group));
                group.forEach(pupil -> taken.get(day).merge(pupil, time, Integer::sum));
            }
        }

        private static String title(Need need) {
            return Ladder.find(need.rung()).orElseThrow().fullTitle();
        }
    }
}
