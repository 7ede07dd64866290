package bemble.core.plan;

import bemble.core.plan.WeekPlan.Group;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** One plan while it is made. */
final class Planning {
    private final List<PlannedPupil> pupils;
    private final PlanWishes wishes;
    private final SheetLengths lengths;
    private final WeekDraft week;
    private final Map<Long, List<Need>> ofPupils = new HashMap<>();
    private final List<String> idle = new ArrayList<>();

    Planning(List<PlannedPupil> pupils, PlanWishes wishes) {
        this.pupils = pupils;
        this.wishes = wishes;
        this.lengths = new SheetLengths(wishes.minutes());
        this.week = new WeekDraft(wishes, lengths);
    }

    WeekPlan plan() {
        Map<Need, List<PlannedPupil>> byNeed = new LinkedHashMap<>();
        pupils.forEach(pupil -> {
            List<Need> own = Need.of(pupil, wishes.topics());
            ofPupils.put(pupil.id(), own);
            own.forEach(need -> byNeed.computeIfAbsent(need, any -> new ArrayList<>()).add(pupil));
        });
        List<Map.Entry<Need, List<PlannedPupil>>> needs = byNeed.entrySet().stream().sorted(Comparator
                .comparing((Map.Entry<Need, List<PlannedPupil>> each) -> each.getKey().kind())
                .thenComparing(each -> -each.getValue().size())
                .thenComparing(each -> rightShare(each.getKey(), each.getValue()))).toList();
        needs.forEach(each -> place(each.getKey(), each.getValue()));
        needs.stream().map(Map.Entry::getKey).filter(need -> need.kind() != Need.Kind.RETRY).forEach(this::repeat);
        week.days().forEach(this::fill);
        week.days().forEach(week::lengthen);
        return new WeekPlan(week.lessons(), conflicts(needs));
    }

    /** The most pressing first: who has nothing to do, what waits and was not known, what does not fit, what only comes back later. */
    private List<String> conflicts(List<Map.Entry<Need, List<PlannedPupil>>> needs) {
        return Stream
                .of(idle.stream(),
                        needs.stream().filter(each -> each.getKey().kind() != Need.Kind.RETRY).flatMap(this::waiting),
                        needs.stream().flatMap(each -> lengths.tooLong(each.getKey()).stream()),
                        needs.stream().filter(each -> each.getKey().kind() == Need.Kind.RETRY).flatMap(this::waiting))
                .flatMap(each -> each).distinct().toList();
    }

    private Stream<String> waiting(Map.Entry<Need, List<PlannedPupil>> wanted) {
        Need need = wanted.getKey();
        List<PlannedPupil> left = wanted.getValue().stream().filter(pupil -> !week.isPlaced(need, pupil.id())).toList();
        return left.isEmpty() ? Stream.empty()
                : Stream.of(names(left) + (left.size() == 1 ? " waits" : " wait") + " for “" + need.title()
                        + "”: the week has no room for it. Allow more minutes, more sheets or another day.");
    }

    private static String names(List<PlannedPupil> some) {
        return String.join(", ", some.stream().map(PlannedPupil::name).toList());
    }

    /** How much of what rests on that rung is right, of all who need it: the worst is the most pressing. */
    private static double rightShare(Need need, List<PlannedPupil> wanting) {
        int right = wanting.stream().mapToInt(pupil -> pupil.on(need.rung()).right()).sum();
        int all = wanting.stream().mapToInt(pupil -> pupil.on(need.rung()).of()).sum();
        return all == 0 ? 1 : (double) right / all;
    }

    private void place(Need need, List<PlannedPupil> wanting) {
        List<PlannedPupil> left = new ArrayList<>(wanting);
        // What went wrong comes as early as it can; for the rest the days with the fewest sheets first, so that the week is even.
        boolean pressing = need.kind() == Need.Kind.AGAIN || need.kind() == Need.Kind.QUIZ;
        List<LocalDate> days = week.days().stream()
                .sorted(Comparator.comparing((LocalDate day) -> pressing ? 0 : week.sheets(day).size())
                        .thenComparing(day -> day))
                .toList();
        for (LocalDate day : days) {
            if (!left.isEmpty() && week.hasRoom(day, need)) {
                List<PlannedPupil> here = left.stream().filter(pupil -> week.fits(day, pupil.id(), need)).toList();
                week.put(day, need, here.stream().map(PlannedPupil::id).toList());
                left.removeAll(here);
            }
        }
    }

    /** The same again on a second day where there is room. */
    private void repeat(Need need) {
        List<LocalDate> days = new ArrayList<>(week.days());
        for (int first = 0; first < days.size(); first++) {
            for (Group group : week.groups(days.get(first))) {
                boolean once = group.need().equals(need) && days.stream().map(week::groups).flatMap(List::stream)
                        .filter(each -> each.need().equals(need) && each.pupils().equals(group.pupils())).count() < 2;
                for (int later = days.size() - 1; later > first + 1 && once; later--) {
                    LocalDate day = days.get(later);
                    if (week.hasRoom(day, need)
                            && group.pupils().stream().allMatch(pupil -> week.fits(day, pupil, need))) {
                        week.put(day, need, group.pupils());
                        once = false;
                    }
                }
            }
        }
    }

    /**
     * Whoever has nothing to do in a lesson gets their own sheet once more, or joins one that repeats what they can do; where
     * no sheet of the day is for them, one that matters less gives way.
     */
    private void fill(LocalDate day) {
        List<PlannedPupil> without = join(day);
        while (!without.isEmpty() && giveWay(day, without)) {
            without = join(day);
        }
        if (!without.isEmpty()) {
            idle.add(names(without) + (without.size() == 1 ? " waits" : " wait") + " on "
                    + day.getDayOfWeek().getDisplayName(
                            TextStyle.FULL, Locale.ENGLISH)
                    + ": no sheet of that day is for them. Allow more sheets in a lesson.");
        }
    }

    /** @return for whom there is no sheet */
    private List<PlannedPupil> join(LocalDate day) {
        List<PlannedPupil> left = new ArrayList<>();
        pupils.stream().filter(pupil -> !week.hasWork(day, pupil.id()))
                .forEach(pupil -> own(pupil).filter(week.sheets(day)::contains).findFirst()
                        .or(() -> own(pupil).filter(need -> week.hasRoom(day, need)).findFirst())
                        .or(() -> repeated(pupil, week.sheets(day)))
                        .ifPresentOrElse(need -> week.join(day, need, pupil.id()), () -> left.add(pupil)));
        return left;
    }

    /** Which of some sheets repeats what a pupil can do. */
    private Optional<Need> repeated(PlannedPupil pupil, List<Need> there) {
        return there.stream().filter(need -> Need.isOpenTo(pupil, need.rung(), wishes.topics()))
                .max(Comparator.comparing(Need::kind));
    }

    private List<Need> ofPupil(PlannedPupil pupil) {
        return Objects.requireNonNull(ofPupils.get(pupil.id()));
    }

    private Stream<Need> own(PlannedPupil pupil) {
        return ofPupil(pupil).stream().sorted(Comparator.comparing(need -> need.kind() == Need.Kind.RETRY));
    }

    /**
     * Puts another sheet in the place of one of a lesson, where fewer are without work then. What goes wrong gives way only
     * where it stands on another day too, or has room there.
     *
     * @return whether it was done
     */
    private boolean giveWay(LocalDate day, List<PlannedPupil> without) {
        List<Need> there = week.sheets(day);
        List<Yielding> yielding =
                there.stream().map(less -> yielding(day, less)).filter(each -> mayGo(day, each)).toList();
        for (Need other : without.stream().flatMap(this::own).distinct().toList()) {
            for (Yielding less : yielding) {
                List<Need> then = Stream
                        .concat(there.stream().filter(need -> !need.equals(less.sheet())), Stream.of(other)).toList();
                long idleThen = Stream.concat(without.stream(), less.losing().stream())
                        .filter(pupil -> own(pupil).noneMatch(then::contains)
                                && repeated(pupil, then).isEmpty())
                        .count();
                if (idleThen < without.size()) {
                    week.remove(day, less.sheet());
                    less.instead().ifPresent(each -> week.put(each, less.sheet(),
                            less.losing().stream().map(PlannedPupil::id).toList()));
                    week.put(day, other, without.stream().filter(pupil -> ofPupil(pupil).contains(other))
                            .map(PlannedPupil::id).toList());
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * A sheet of a lesson that another may take the place of.
     *
     * @param losing who has it there
     * @param instead a day that has room for it
     */
    private record Yielding(Need sheet, List<PlannedPupil> losing, Optional<LocalDate> instead) {}

    private Yielding yielding(LocalDate day, Need sheet) {
        List<PlannedPupil> losing = pupils.stream().filter(pupil -> week.groups(day).stream()
                .anyMatch(group -> group.need().equals(sheet) && group.pupils().contains(pupil.id()))).toList();
        return new Yielding(sheet, losing,
                week.days().stream().filter(each -> !each.equals(day) && week.hasRoom(each, sheet)
                        && losing.stream().allMatch(pupil -> week.fits(each, pupil.id(), sheet))).findFirst());
    }

    private boolean mayGo(LocalDate day, Yielding less) {
        return less.sheet().kind() == Need.Kind.RETRY || less.instead().isPresent()
                || less.losing().stream().allMatch(pupil -> isElsewhere(less.sheet(), pupil, day));
    }

    private boolean isElsewhere(Need need, PlannedPupil pupil, LocalDate day) {
        return week.days().stream().filter(each -> !each.equals(day)).flatMap(each -> week.groups(each).stream())
                .anyMatch(group -> group.need().equals(need) && group.pupils().contains(pupil.id()));
    }
}
