package bemble.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.core.progress.Place;
import bemble.core.progress.Quiz;
import bemble.core.progress.State;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Weeks planned for random classes: what must hold holds, and what cannot be had is said. */
class PlanTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);
    private static final List<String> TOPICS = Stream.of(Operation.SUBTRACTION, Operation.ADDITION)
            .flatMap(operation -> Ladder.of(operation).stream()).map(Rung::id).toList();
    private static final List<LocalDate> FIVE_DAYS = IntStream.range(0, 5).mapToObj(MONDAY::plusDays).toList();

    private static Place standing(State state, String shows) {
        return standing(state, shows, null);
    }

    private static Place standing(State state, String shows, Quiz quiz) {
        return new Place(state, null, null, shows, 0, 0, quiz, state == State.DUE);
    }

    private static List<PlannedPupil> pupils(Random random) {
        List<PlannedPupil> pupils = new ArrayList<>();
        int count = 1 + random.nextInt(24);
        for (int i = 0; i < count; i++) {
            Map<String, Place> standings = new HashMap<>();
            int reached = random.nextInt(TOPICS.size());
            for (int rung = 0; rung < reached; rung++) {
                boolean shows = random.nextInt(20) == 0 && TOPICS.get(rung).startsWith("subtraction-one");
                standings.put(TOPICS.get(rung), standing(random.nextInt(6) == 0 ? State.DUE : State.SECURE,
                        shows ? "smaller-from-larger" : null));
            }
            for (int rung = 0; rung < reached; rung++) {
                if (random.nextInt(30) == 0) {
                    standings.put(TOPICS.get(rung),
                            standing(State.LEARNING, null, new Quiz(MONDAY, random.nextInt(6), 5, 4, null)));
                }
            }
            standings.put(TOPICS.get(reached), standing(State.LEARNING, null));
            pupils.add(new PlannedPupil(i, "Pupil " + i, standings));
        }
        return pupils;
    }

    @Test
    void whatMustHoldHolds() {
        Random random = new Random(20_261_125);
        for (int round = 0; round < 60; round++) {
            List<PlannedPupil> pupils = pupils(random);
            PlanWishes wishes =
                    new PlanWishes(TOPICS, FIVE_DAYS.subList(0, 1 + random.nextInt(5)), 5 + random.nextInt(30),
                            1 + random.nextInt(10), 1 + random.nextInt(3));
            WeekPlan plan = WeekPlan.of(pupils, wishes);
            assertThat(plan.days()).extracting(WeekPlan.Day::date).isEqualTo(wishes.days());
            Map<Long, Set<Need>> met = new HashMap<>();
            for (WeekPlan.Day day : plan.days()) {
                assertThat(day.groups().stream().map(WeekPlan.Group::need).distinct().count())
                        .as("sheets a lesson").isLessThanOrEqualTo(wishes.sheets());
                Map<Long, Integer> minutes = new HashMap<>();
                day.groups().forEach(group -> {
                    assertThat(group.pupils()).as("a group").isNotEmpty().doesNotHaveDuplicates();
                    assertThat(group.pupils().size()).as("a group's size").isLessThanOrEqualTo(wishes.groupMost());
                    group.pupils().forEach(pupil -> {
                        minutes.merge(pupil, group.minutes(), Integer::sum);
                        met.computeIfAbsent(pupil, any -> new HashSet<>()).add(group.need());
                    });
                });
                assertThat(minutes.values()).as("minutes a day").allMatch(each -> each <= wishes.minutes());
                pupils.stream().filter(pupil -> !minutes.containsKey(pupil.id()))
                        .forEach(idle -> assertThat(plan.conflicts())
                                .as("who has nothing to do is named")
                                .anyMatch(each -> each.matches("(.*, )?" + idle.name() + "(, .*)? waits? on .*")));
            }
            pupils.forEach(pupil -> holds(pupil, met.getOrDefault(pupil.id(), Set.of()), plan.conflicts()));
        }
    }

    private static void holds(PlannedPupil pupil, Set<Need> met, List<String> conflicts) {
        pupil.places().forEach((rung, standing) -> {
            if (standing.state() == State.DUE) {
                assertThat(met.stream().anyMatch(need -> need.kind() == Need.Kind.RETRY && need.rung().equals(rung))
                        || conflicts.stream()
                                .anyMatch(each -> each.matches("(.*, )?" + pupil.name() + "(, .*)? waits? .*")))
                                        .as("%s is due on %s: planned, or said to wait", pupil.name(), rung).isTrue();
            }
        });
        for (Need need : met) {
            Operation operation = Ladder.find(need.rung()).orElseThrow().wishes().operation();
            Optional<String> first =
                    TOPICS.stream().filter(rung -> Ladder.find(rung).orElseThrow().wishes().operation() == operation)
                            .filter(rung -> !pupil.places().getOrDefault(rung, Place.NONE).movesOn()).findFirst();
            boolean reached = pupil.places().getOrDefault(need.rung(), Place.NONE).movesOn();
            assertThat(reached || first.filter(need.rung()::equals).isPresent())
                    .as("nobody goes past a rung that still fails: %s, %s", pupil.name(), need).isTrue();
        }
    }

    /** A class whose children have answered a number of questions on each rung they came to. */
    private static List<PlannedPupil> answering(Random random) {
        List<PlannedPupil> pupils = new ArrayList<>();
        int begun = random.nextInt(8);
        for (int i = 0; i < 12 + random.nextInt(16); i++) {
            Map<String, Place> places = new HashMap<>();
            for (Operation operation : List.of(Operation.SUBTRACTION, Operation.ADDITION)) {
                List<String> strand = Ladder.of(operation).stream().map(Rung::id).toList();
                int reached = Math.min(strand.size(), begun + random.nextInt(4));
                for (int rung = 0; rung < reached; rung++) {
                    int of = 10;
                    int right = 9 + random.nextInt(2);
                    State state = random.nextInt(8) == 0 ? State.DUE : State.SECURE;
                    places.put(strand.get(rung),
                            new Place(state, null, null, null, right, of, null, state == State.DUE));
                }
                for (int rung = Math.max(0, reached - 1); rung < Math.min(strand.size(), reached + 2); rung++) {
                    if (random.nextInt(2) == 0) {
                        int of = 1 + random.nextInt(10);
                        Quiz quiz = random.nextInt(4) == 0 ? new Quiz(MONDAY, random.nextInt(6), 5, 4, null) : null;
                        String slip = random.nextInt(4) == 0
                                ? operation == Operation.ADDITION ? "carry-forgotten" : "smaller-from-larger" : null;
                        places.put(strand.get(rung),
                                new Place(State.LEARNING, null, null, slip, random.nextInt(of + 1), of, quiz, false));
                    }
                }
            }
            Set<String> missed = new HashSet<>();
            while (random.nextInt(2) == 0) {
                missed.add(TOPICS.get(random.nextInt(TOPICS.size())));
            }
            pupils.add(new PlannedPupil(i, "Pupil " + i, places, missed));
        }
        return pupils;
    }

    @Test
    void everyReasonHoldsWhenItIsReadAgainInTheRecord() {
        Random random = new Random(20_261_130);
        int seats = 0;
        int joining = 0;
        int catchingUp = 0;
        for (int round = 0; round < 500; round++) {
            List<PlannedPupil> pupils = answering(random);
            WeekPlan plan = WeekPlan.of(pupils, new PlanWishes(TOPICS, FIVE_DAYS, 20, 8, 3));
            Map<Long, Set<String>> met = new HashMap<>();
            for (WeekPlan.Group group : plan.days().stream().flatMap(day -> day.groups().stream()).toList()) {
                for (long id : group.pupils()) {
                    PlannedPupil pupil = pupils.get((int) id);
                    boolean before = met.getOrDefault(id, Set.of()).contains(group.need().rung());
                    Seat seat = Seat.of(group.need(), pupil, TOPICS, before);
                    assertThat(seat.because().contains("once more") && !before).as(seat.toString()).isFalse();
                    assertThat(seat.catchesUp() && before).as("shown once: %s", seat).isFalse();
                    assertThat(holds(seat, pupil)).as("%s of %s", seat, pupil.on(group.need().rung())).isTrue();
                    met.computeIfAbsent(id, any -> new HashSet<>()).add(group.need().rung());
                    seats++;
                    joining += seat.why() == Seat.Why.JOINS ? 1 : 0;
                    catchingUp += seat.catchesUp() ? 1 : 0;
                }
            }
            for (PlannedPupil pupil : pupils) {
                pupil.places().forEach((rung, place) -> {
                    if (goesWrong(place)) {
                        assertThat(met.getOrDefault(pupil.id(), Set.of()).contains(rung)
                                || plan.conflicts().stream().anyMatch(each -> each.contains(pupil.name())
                                        && each.contains(Ladder.find(rung).orElseThrow().fullTitle())))
                                                .as("what goes wrong for %s on %s is met or told", pupil.name(), rung)
                                                .isTrue();
                    }
                });
            }
        }
        assertThat(joining).as("of %d seats", seats).isLessThanOrEqualTo(seats / 4);
        assertThat(catchingUp).as("who catches up").isPositive();
    }

    /** A second reading: from the places alone, by no code of the plan. */
    private static boolean holds(Seat seat, PlannedPupil pupil) {
        Place place = pupil.places().getOrDefault(seat.need().rung(), Place.NONE);
        String counted = place.right() + " of " + place.of() + " right";
        return switch (seat.why()) {
            case JOINS -> seat.because().startsWith(counted + " here, at work")
                    ? isPast(seat.need().rung(), pupil, WORKED_ON)
                    : doneWith(place) || isPast(seat.need().rung(), pupil, REACHED);
            case CHOSEN -> false;
            case NEEDS -> switch (seat.need().kind()) {
                    case AGAIN -> seat.because().contains(counted) && (seat.need().slip() == null
                            ? place.of() > 3 && place.right() * 2 < place.of()
                            : seat.need().slip().equals(place.shows()));
                    case QUIZ -> place.quiz().right() < place.quiz().passMark()
                            && seat.because().startsWith(place.quiz().right() + " of " + place.quiz().of());
                    case RETRY -> place.due();
                    case NEXT -> !doneWith(place)
                            && (!seat.catchesUp() || place.of() == 0 && pupil.missed().contains(seat.need().rung()))
                            && strand(seat.need().rung()).stream()
                                    .takeWhile(rung -> !rung.equals(seat.need().rung()))
                                    .allMatch(rung -> doneWithOrPast(rung, pupil))
                            && (seat.catchesUp() ? seat.because().startsWith("away")
                                    : (place.of() == 0) == seat.because().startsWith("nothing"));
                    case EXTEND -> TOPICS.stream().allMatch(rung -> doneWithOrPast(rung, pupil));
                };
        };
    }

    private static List<String> strand(String rung) {
        return Ladder.of(Ladder.find(rung).orElseThrow().wishes().operation()).stream().map(Rung::id).toList();
    }

    private static boolean doneWithOrPast(String rung, PlannedPupil pupil) {
        return doneWith(pupil.places().getOrDefault(rung, Place.NONE)) || isPast(rung, pupil, WORKED_ON);
    }

    private static final Predicate<List<Place>> REACHED = harder -> harder.stream()
            .anyMatch(place -> place.state() == State.SECURE || place.state() == State.DUE);
    private static final Predicate<List<Place>> WORKED_ON =
            REACHED.or(harder -> harder.stream().mapToInt(Place::of).sum() > 3);

    /** Right nine times of ten by now, and what is harder is as wanted. */
    private static boolean isPast(String rung, PlannedPupil pupil, Predicate<List<Place>> harder) {
        Place place = pupil.places().getOrDefault(rung, Place.NONE);
        return place.shows() == null && place.right() * 10 >= place.of() * 9
                && (place.quiz() == null || place.quiz().right() >= place.quiz().passMark())
                && harder.test(strand(rung).stream().dropWhile(each -> !each.equals(rung)).skip(1)
                        .map(each -> pupil.places().getOrDefault(each, Place.NONE)).toList());
    }

    private static boolean doneWith(Place place) {
        return place.shows() == null && (place.state() == State.SECURE || place.state() == State.DUE
                || place.quiz() != null && place.quiz().right() >= place.quiz().passMark());
    }

    private static boolean goesWrong(Place place) {
        return place.shows() != null || !doneWith(place) && place.of() > 3 && 2 * place.right() < place.of();
    }

    @Test
    void whoCanDoWhatIsHarderIsNotSentBack() {
        List<String> strand = strand(TOPICS.get(0));
        PlannedPupil pupil = new PlannedPupil(1, "Ines", Map.of(strand.get(0), answered(1, 1),
                strand.get(1), standing(State.SECURE, null), strand.get(3), standing(State.SECURE, null)));
        assertThat(Need.of(pupil, strand)).containsExactly(new Need(Need.Kind.NEXT, strand.get(4), null));
        PlannedPupil wrong = new PlannedPupil(1, "Ines", Map.of(strand.get(0), answered(1, 3),
                strand.get(1), standing(State.SECURE, null)));
        assertThat(Need.of(wrong, strand)).as("two of three were wrong")
                .containsExactly(new Need(Need.Kind.NEXT, strand.get(0), null));
    }

    /** A class that begins with long numbers: the steps before, sound as far as they were met, or never met, are not made up for. */
    @Test
    void whoWorksOnWhatIsHarderGoesOnThere() {
        List<String> strand = Ladder.of(Operation.SUBTRACTION).stream().map(Rung::id).toList();
        Map<String, Place> sound =
                Map.of(strand.get(0), answered(5, 5), strand.get(2), answered(8, 8),
                        strand.get(3), answered(2, 2), strand.get(5), answered(2, 2));
        assertThat(Need.of(new PlannedPupil(1, "Ari", sound), strand))
                .containsExactly(new Need(Need.Kind.NEXT, strand.get(3), null));
        Map<String, Place> failing =
                Map.of(strand.get(0), answered(5, 5), strand.get(2), answered(1, 8), strand.get(3), answered(0, 5));
        assertThat(Need.of(new PlannedPupil(1, "Bea", failing), strand)).as("it goes wrong before the hardest does")
                .containsExactly(new Need(Need.Kind.AGAIN, strand.get(2), null));
        Map<String, Place> shaky = Map.of(strand.get(0), answered(3, 4), strand.get(2), answered(8, 8));
        assertThat(Need.of(new PlannedPupil(1, "Cas", shaky), strand)).as("one of four was wrong")
                .containsExactly(new Need(Need.Kind.NEXT, strand.get(0), null));
    }

    @Test
    void whoCanDoAllOfItGetsFurtherTasksAndNobodyIsSentBack() {
        Map<String, Place> all = new HashMap<>();
        TOPICS.forEach(rung -> all.put(rung, standing(State.SECURE, null)));
        WeekPlan plan =
                WeekPlan.of(List.of(new PlannedPupil(1, "Ines", all)), new PlanWishes(TOPICS, FIVE_DAYS, 20, 6, 3));
        assertThat(plan.days()).allSatisfy(day -> assertThat(day.groups()).isNotEmpty()
                .allMatch(
                        group -> group.need().equals(new Need(Need.Kind.EXTEND, TOPICS.get(TOPICS.size() - 1), null))));
        assertThat(plan.conflicts()).isEmpty();
    }

    @Test
    void withRoomEverybodyHasTheirNextRungAndNobodyWaits() {
        List<PlannedPupil> pupils = IntStream.range(0, 12).mapToObj(i -> new PlannedPupil(i, "P" + i,
                Map.of(TOPICS.get(0), standing(State.SECURE, null)))).toList();
        WeekPlan plan = WeekPlan.of(pupils, new PlanWishes(TOPICS, FIVE_DAYS, 30, 6, 3));
        assertThat(plan.conflicts()).isEmpty();
        assertThat(plan.days().get(0).groups()).hasSize(2)
                .allMatch(group -> group.need().equals(new Need(Need.Kind.NEXT, TOPICS.get(1), null)));
        assertThat(plan.days()).as("and nobody is without work on the other days")
                .allMatch(day -> day.groups().size() == 2);
    }

    @Test
    void whoWorksAloneHasWorkForTheWholeLesson() {
        List<PlannedPupil> pupils = List.of(
                new PlannedPupil(1, "Ines", Map.of(TOPICS.get(0), answered(1, 10))),
                new PlannedPupil(2, "Otto", Map.of(TOPICS.get(0), standing(State.SECURE, null))));
        for (WeekPlan.Day day : WeekPlan.of(pupils, new PlanWishes(TOPICS, FIVE_DAYS, 25, 6, 3)).days()) {
            assertThat(day.groups()).filteredOn(group -> group.pupils().contains(2L))
                    .allSatisfy(group -> assertThat(group.questions() == 16 || group.minutes() >= 22)
                            .as(group.toString()).isTrue());
            assertThat(day.groups()).filteredOn(group -> group.pupils().contains(1L))
                    .as("the teacher sits with her first")
                    .allMatch(group -> group.questions() == 6);
        }
    }

    private static Place answered(int right, int of) {
        return new Place(State.LEARNING, null, null, null, right, of, null, false);
    }

    @Test
    void operationsRunSideBySideAndWhatFailsComesFirstOnMonday() {
        String subtraction = Ladder.of(Operation.SUBTRACTION).get(1).id();
        String addition = Ladder.of(Operation.ADDITION).get(3).id();
        List<String> topics = Stream.of(Operation.ADDITION, Operation.SUBTRACTION, Operation.MULTIPLICATION)
                .flatMap(operation -> Ladder.of(operation).stream()).map(Rung::id).toList();
        Map<String, Place> standings = new HashMap<>();
        Ladder.of(Operation.ADDITION).subList(0, 3)
                .forEach(rung -> standings.put(rung.id(), standing(State.SECURE, null)));
        standings.put(Ladder.of(Operation.SUBTRACTION).get(0).id(), standing(State.SECURE, null));
        standings.put(subtraction, answered(1, 10));
        WeekPlan plan = WeekPlan.of(List.of(new PlannedPupil(1, "Ines", standings)),
                new PlanWishes(topics, FIVE_DAYS, 20, 6, 3));
        List<Need> monday = plan.days().get(0).groups().stream().map(WeekPlan.Group::need).toList();
        assertThat(monday.get(0)).isEqualTo(new Need(Need.Kind.AGAIN, subtraction, null));
        assertThat(monday.get(0).reason()).contains("Fewer than half").doesNotContain("questions");
        assertThat(plan.days().stream().flatMap(day -> day.groups().stream()).map(WeekPlan.Group::need).distinct())
                .as("addition goes on beside it, multiplication is not begun before")
                .containsExactlyInAnyOrder(monday.get(0), new Need(Need.Kind.NEXT, addition, null));
        assertThat(plan.days()).allMatch(day -> !day.groups().isEmpty());
    }

    @Test
    void noSheetOfThreeMinutesIsForOneChild() {
        Map<String, Place> standings =
                Map.of(TOPICS.get(0), standing(State.DUE, null), TOPICS.get(1), standing(State.LEARNING, null));
        WeekPlan plan = WeekPlan.of(List.of(new PlannedPupil(1, "Ines", standings)),
                new PlanWishes(TOPICS, FIVE_DAYS, 20, 6, 3));
        assertThat(plan.days().stream().flatMap(day -> day.groups().stream())
                .filter(group -> group.need().kind() == Need.Kind.RETRY))
                        .isNotEmpty().allMatch(group -> group.questions() == 6 && group.minutes() > 3);
    }

    @Test
    void aRungThatComesAgainHasQuestionsInWhichTheSlipShows() {
        Need need = new Need(Need.Kind.AGAIN, "subtraction-across-a-zero", "zeros-skipped");
        assertThat(need.reason()).contains("across a zero").contains("most questions give it a chance");
        List<FeaturedProblem> sheet = PlanSheet.draw(need, need.questions(), 7);
        assertThat(sheet).hasSize(6).allMatch(question -> Ladder.find(need.rung()).orElseThrow().wishes().equals(
                Ladder.rungOf(question.features()).orElseThrow().wishes()));
        assertThat(sheet).filteredOn(question -> Answers.of(question.problem(), null).hasChance("zeros-skipped"))
                .hasSizeGreaterThanOrEqualTo(4);
    }

    @Test
    void aQuizPassedMovesOnAndOneNotPassedBringsAShorterSetOnItsSlip() {
        PlannedPupil passed = new PlannedPupil(1, "Passed", Map.of(TOPICS.get(0),
                standing(State.LEARNING, null, new Quiz(MONDAY, 4, 5, 4, null))));
        PlannedPupil failed = new PlannedPupil(2, "Failed", Map.of(TOPICS.get(0),
                standing(State.LEARNING, null, new Quiz(MONDAY, 3, 5, 4, "smaller-from-larger"))));
        List<WeekPlan.Group> monday =
                WeekPlan.of(List.of(passed, failed), new PlanWishes(TOPICS, FIVE_DAYS, 30, 6, 3)).days().stream()
                        .flatMap(day -> day.groups().stream()).toList();
        assertThat(monday).filteredOn(group -> group.pupils().contains(1L)).isNotEmpty()
                .allMatch(group -> group.need().equals(new Need(Need.Kind.NEXT, TOPICS.get(1), null)));
        Need shorter = new Need(Need.Kind.QUIZ, TOPICS.get(0), "smaller-from-larger");
        assertThat(monday).filteredOn(group -> group.pupils().contains(2L)).isNotEmpty()
                .allMatch(group -> group.need().equals(shorter));
        assertThat(shorter.questions()).isEqualTo(6);
        assertThat(shorter.reason()).contains("was not passed",
                "was seen: the same again, and most questions give it a chance");
    }

    @Test
    void wishesThatCannotBeAreNamedTogether() {
        assertThatThrownBy(() -> new PlanWishes(TOPICS, List.of(), 0, 0, 4)).asInstanceOf(type(Refusal.class))
                .satisfies(refusal -> assertThat(refusal.faults()).extracting("field")
                        .containsExactly("days", "minutes", "groupMost", "sheets"));
    }
}
