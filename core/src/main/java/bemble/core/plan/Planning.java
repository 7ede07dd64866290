package bemble.core.plan;

import bemble.core.practice.Ladder;
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
    /** What a need is worth that the week has not met yet, in the order of its kinds; what went wrong is worth most. */
    private static final List<Double> UNMET = List.of(8.0, 7.0, 4.0, 5.0, 3.0);
    private static final double MET = 2;
    /** More for who would be without work. */
    private static final double ELSE_IDLE = 12;
    /** A second sheet on a day, as a part of what a first is worth. */
    private static final double BESIDE = 0.25;

    private final List<PlannedPupil> pupils;
    private final PlanWishes wishes;
    private final SheetLengths lengths;
    private final WeekDraft week;
    /** What each pupil needs, as the sheets that serve it. */
    private final Map<Long, List<Need>> ofPupils = new HashMap<>();
    /** What each needs by itself, with the first rung of every operation not begun. */
    private final Map<Long, List<Need>> withNext = new HashMap<>();
    private final List<String> idle = new ArrayList<>();

    Planning(List<PlannedPupil> pupils, PlanWishes wishes) {
        this.pupils = pupils;
        this.wishes = wishes;
        this.lengths = new SheetLengths(wishes.minutes());
        this.week = new WeekDraft(wishes, lengths);
    }

    WeekPlan plan() {
        Map<Need, List<PlannedPupil>> byNeed = new LinkedHashMap<>();
        SharedSheets shared = SharedSheets.of(pupils, wishes.topics());
        pupils.forEach(pupil -> {
            List<Need> own = shared.of(pupil);
            ofPupils.put(pupil.id(), own);
            withNext.put(pupil.id(), Need.withNext(pupil, wishes.topics()));
            own.forEach(need -> byNeed.computeIfAbsent(need, any -> new ArrayList<>()).add(pupil));
        });
        List<Map.Entry<Need, List<PlannedPupil>>> needs = byNeed.entrySet().stream().sorted(Comparator
                .comparing((Map.Entry<Need, List<PlannedPupil>> each) -> each.getKey().kind())
                .thenComparing(each -> -each.getValue().size())
                .thenComparing(each -> rightShare(each.getKey(), each.getValue()))).toList();
        week.days().forEach(this::choose);
        week.days().forEach(this::join);
        week.days().forEach(day -> week.settle(day, this::wanted));
        week.days().forEach(week::lengthen);
        return new WeekPlan(week.lessons(), conflicts(needs));
    }

    /** The most pressing first: who has nothing to do, what waits and was not known, what does not fit, what only comes back later. */
    private List<String> conflicts(List<Map.Entry<Need, List<PlannedPupil>>> needs) {
        return Stream
                .of(idle.stream(),
                        needs.stream().filter(each -> each.getKey().kind() != Need.Kind.RETRY).flatMap(this::waiting),
                        failing(),
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

    /** What goes wrong and is not to be worked on yet, by whom. */
    private Stream<String> failing() {
        Map<String, List<PlannedPupil>> byRung = new LinkedHashMap<>();
        pupils.forEach(pupil -> Need.waiting(pupil, wishes.topics())
                .forEach(rung -> byRung.computeIfAbsent(rung, any -> new ArrayList<>()).add(pupil)));
        return byRung.entrySet().stream().map(each -> "“" + Ladder.find(each.getKey()).orElseThrow().fullTitle()
                + "” goes wrong for " + names(each.getValue()) + (wishes.topics().contains(each.getKey())
                        ? "; it comes when what stands before it in your order goes right."
                        : ", and is no topic of the term. Put it among the topics."));
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

    /**
     * Chooses the sheets of a lesson, one after the other: each time the one that does most for those who have nothing of their own
     * yet. What goes wrong counts most, and what the week has not met yet counts more with every day that goes by.
     */
    private void choose(LocalDate day) {
        for (int sheets = 0; sheets < wishes.sheets(); sheets++) {
            Map<Need, Double> worth = new LinkedHashMap<>();
            pupils.forEach(pupil -> ofPupil(pupil).stream().filter(need -> week.fits(day, pupil.id(), need))
                    .forEach(need -> worth.merge(need, worth(day, pupil, need), Double::sum)));
            Optional<Need> best = worth.entrySet().stream().filter(each -> each.getValue() > 0)
                    .max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
            if (best.isEmpty()) {
                return;
            }
            List<PlannedPupil> here = pupils.stream().filter(pupil -> ofPupil(pupil).contains(best.get())
                    && week.fits(day, pupil.id(), best.get()) && worth(day, pupil, best.get()) > 0).toList();
            week.put(day, best.get(), mostPressingFirst(here, best.get()));
        }
    }

    /** What a sheet is worth to a pupil in a lesson; nothing where it would only repeat what they have had. */
    private double worth(LocalDate day, PlannedPupil pupil, Need need) {
        long met = week.times(need, pupil.id());
        if (met > 0 && (need.kind() == Need.Kind.RETRY || week.hasWork(day, pupil.id()))) {
            return 0;
        }
        long gone = week.days().stream().filter(each -> each.isBefore(day)).count();
        double pressing = met > 0 ? MET / met : UNMET.get(need.kind().ordinal()) * (1 + gone / 2.0);
        if (week.hasWork(day, pupil.id())) {
            return pressing * BESIDE;
        }
        return repeated(pupil, week.sheets(day)).isEmpty() ? pressing + ELSE_IDLE : pressing;
    }

    /** So that those sit with the teacher who need it most. */
    private List<Long> mostPressingFirst(List<PlannedPupil> some, Need sheet) {
        return some.stream().sorted(Comparator.comparing(
                pupil -> on(sheet.rung(), pupil).map(Need::kind).findFirst().orElse(sheet.kind())))
                .map(PlannedPupil::id).toList();
    }

    /** Whoever has nothing of their own in a lesson joins a sheet that is of use to them; for whom there is none is named. */
    private void join(LocalDate day) {
        List<PlannedPupil> left = new ArrayList<>();
        pupils.stream().filter(pupil -> !week.hasWork(day, pupil.id()))
                .forEach(pupil -> own(pupil).filter(week.sheets(day)::contains).findFirst()
                        .or(() -> repeated(pupil, week.sheets(day)))
                        .ifPresentOrElse(need -> week.join(day, need, pupil.id()), () -> left.add(pupil)));
        if (!left.isEmpty()) {
            idle.add(names(left) + (left.size() == 1 ? " waits" : " wait") + " on "
                    + day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                    + ": no sheet of that day is for them. Allow more sheets in a lesson.");
        }
    }

    /** The hardest of some sheets that a pupil can do already: it keeps that warm, and there is something to explain. */
    private Optional<Need> repeated(PlannedPupil pupil, List<Need> there) {
        return there.stream()
                .filter(need -> pupil.on(need.rung()).movesOn()
                        || Need.canJoin(pupil, need.rung(), wishes.topics())
                        || on(need.rung(), pupil).findAny().isPresent())
                .max(Comparator.comparing(need -> wishes.topics().indexOf(need.rung())));
    }

    /** Which sheet of a rung is for some pupils: the shared one where it is made for any of them. */
    private Need wanted(Need shared, List<Long> some) {
        if (shared.kind() == Need.Kind.RETRY) {
            return shared;
        }
        List<Need> own = pupils.stream().filter(pupil -> some.contains(pupil.id()))
                .flatMap(pupil -> on(shared.rung(), pupil)).filter(need -> need.kind() != Need.Kind.RETRY).toList();
        return own.isEmpty() || own.contains(shared) ? shared : SharedSheets.mostWanted(own);
    }

    private Stream<Need> on(String rung, PlannedPupil pupil) {
        return Objects.requireNonNull(withNext.get(pupil.id())).stream().filter(need -> need.rung().equals(rung));
    }

    private List<Need> ofPupil(PlannedPupil pupil) {
        return Objects.requireNonNull(ofPupils.get(pupil.id()));
    }

    private Stream<Need> own(PlannedPupil pupil) {
        return ofPupil(pupil).stream().sorted(Comparator.comparing(need -> need.kind() == Need.Kind.RETRY));
    }
}
