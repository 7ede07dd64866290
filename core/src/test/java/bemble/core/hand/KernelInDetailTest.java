package bemble.core.hand;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.word.OnesWord;
import bemble.core.words.PlaceNames;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Spoken;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What all operations share: words, names of squares, marks that a class is asked for, and where a rule was broken. */
class KernelInDetailTest {
    private static final int PROBLEMS = 12;

    private static Problem problem(String text) {
        return ProblemText.kept(text);
    }

    private static Worked work(String problem, HouseStyle style, String slip) {
        return Worked.from(new WorkOrder(problem(problem), null, style, null, slip));
    }

    private static List<String> facts(String problem, HouseStyle style) {
        return work(problem, style, null).working().steps().stream().map(step -> step.spoken().fact())
                .filter(fact -> fact.sign() == '+').map(Fact::text).toList();
    }

    @Test
    void aCarryIsAddedFirstOrLastAsTheTeacherDoesAndANoughtIsNotNamed() {
        HouseStyle first = HouseStyle.USUAL.with(Map.of("carryOrder", "first"));
        HouseStyle last = HouseStyle.USUAL.with(Map.of("carryOrder", "last"));
        assertThat(first.carryFirst()).isNotEqualTo(last.carryFirst());
        assertThat(facts("237 + 548", first)).startsWith("7 + 8 = 15", "1 + 3 + 4 = 8", "2 + 5 = 7");
        assertThat(facts("237 + 548", last)).startsWith("7 + 8 = 15", "3 + 4 + 1 = 8", "2 + 5 = 7");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "first | 237 + 548 | Tens: 1 ten carried, 3 tens and 4 tens are 8 tens. Write 8 in the tens column.",
        "first | 95 + 8 | Tens: 1 ten carried and 9 tens are 10 tens. This is the last column: write 10 whole, its last digit in the tens column. 95 + 8 = 103.",
        "last | 237 + 548 | Tens: 3 tens and 4 tens, and 1 ten carried are 8 tens. Write 8 in the tens column.",
        "last | 237 + 548 | Hundreds: 2 hundreds and 5 hundreds are 7 hundreds. Write 7 in the hundreds column. 237 + 548 = 785.",
        "last | 95 + 8 | Tens: 9 tens, and 1 ten carried are 10 tens. This is the last column: write 10 whole, its last digit in the tens column. 95 + 8 = 103.",
        "last | 2.5 + 0.75 | Hundredths: only 5 hundredths, nothing to add. Write 5 in the hundredths column.",
        "last | 250 + 350 | Ones: 0 ones and 0 ones are 0 ones. Write 0 in the ones column.",
    })
    void aColumnIsSaidInTheTeachersOrder(String order, String problem, String say) {
        assertThat(work(problem, HouseStyle.USUAL.with(Map.of("carryOrder", order)), null).working().steps())
                .extracting(step -> step.spoken().say()).contains(say);
    }

    @ParameterizedTest
    @CsvSource({"0, ones, one", "1, tens, ten", "5, hundred thousands, hundred thousand",
        "83, hundred sesvigintillions, hundred sesvigintillion",
        "84, 10^84s, 10^84", "-1, tenths, tenth", "-84, 10^84ths, 10^84th"})
    void placesAreNamedAsFarAsThereAreNames(int place, String many, String one) {
        assertThat(PlaceNames.many(place, OnesWord.ONES)).isEqualTo(many);
        assertThat(PlaceNames.one(place, OnesWord.ONES)).isEqualTo(one);
    }

    /** Every square has a name that tells it from all others of its paper, and none is a bare word of ours. */
    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void squaresAreNamedSoThatNoTwoAreTakenForEachOther(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(700 + method.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            WritingPaper paper =
                    WritingPaper.of(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null), false, true);
            Set<String> heard = new HashSet<>();
            for (Square square : paper.squares()) {
                String name = square.name();
                boolean check = square.spot().block().name().id().startsWith("check.");
                assertThat(name.startsWith("check, ")).as(name).isEqualTo(check);
                assertThat(heard.add(square.spot().block().name() + ": " + name))
                        .as(problem.text() + ": " + name + " twice").isTrue();
                assertThat(name).doesNotContain("row-", "addend-", "product-", "difference-", "exchanged-", "total-");
            }
        }
    }

    /** A mark that a class is asked for is answered by its digits; a screen reader hears what it is there for. */
    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aMarkIsAnsweredByItsDigitsAndHeardForWhatItIs(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(800 + method.ordinal());
        Words words = new Words(HouseStyle.USUAL);
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            for (Mark mark : Worked.from(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null)).working()
                    .marks()) {
                assertThat(String.join("", mark.keys())).isEqualTo(mark.text().replaceAll("[^0-9]", ""));
                String heard = words.heard(mark);
                if (mark.kind() == MarkKind.STRIKE) {
                    assertThat(heard).isEqualTo(mark.text() + " struck");
                } else if (mark.role() == Role.CARRY) {
                    assertThat(heard).isEqualTo("carried " + mark.text());
                } else if (mark.role() == Role.EXCHANGE) {
                    assertThat(heard).isEqualTo(mark.text() + " by exchange");
                } else {
                    assertThat(heard).isEqualTo(
                            mark.role() == Role.JOT && !mark.text().isEmpty() ? "jotted " + mark.text() : mark.text());
                }
            }
        }
    }

    /** What is rung is of the first step in which a rule was broken, and a wrong figure where that step has one. */
    @ParameterizedTest
    @EnumSource(Operation.class)
    void theMarkToBeRungIsWhereTheRuleWasBrokenFirst(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(900 + operation.ordinal());
        int rung = 0;
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(operation, random, 4);
            for (KnownSlip slip : Slips.ALL) {
                if (slip.operation() != operation
                        || Slipped.find(slip.id(), problem, Methods.usual(problem), HouseStyle.USUAL).isEmpty()) {
                    continue;
                }
                Working working = work(problem.text(), HouseStyle.USUAL, slip.id()).working();
                List<Mark> broken = working.marks().stream().filter(Mark::isBroken).toList();
                Optional<Mark> first = working.firstBroken();
                assertThat(first).as(problem.text() + " " + slip.id()).isPresent();
                int step = broken.get(0).step();
                assertThat(first.orElseThrow().step()).isEqualTo(step);
                boolean wrong = broken.stream().anyMatch(mark -> mark.step() == step && mark.role() == Role.WRONG);
                assertThat(first.orElseThrow().role() == Role.WRONG).as(problem.text() + " " + slip.id())
                        .isEqualTo(wrong);
                rung++;
            }
        }
        assertThat(rung).isGreaterThan(PROBLEMS);
        assertThat(work("402 − 158", HouseStyle.USUAL, null).working().firstBroken()).isEmpty();
    }

    @Test
    void whatIsSaidTogetherKeepsItsFirstFactAndAllItsWords() {
        Fact one = Fact.of("7 + 8", "15", '+', List.of(7, 8));
        Fact two = Fact.of("6 × 4", "24", '×', List.of(6, 4));
        Spoken plain = Spoken.of("Ones", "Now the ones.", "");
        Spoken added = new Spoken("Ones", one, "7 and 8 are 15.", "7 and 8?");
        Spoken times = new Spoken("Ones", two, "6 times 4 is 24.", "6 times 4?");
        assertThat(plain.and(added)).isEqualTo(new Spoken("Ones", one, "Now the ones. 7 and 8 are 15.", "7 and 8?"));
        assertThat(added.and(times))
                .isEqualTo(new Spoken("Ones", one, "7 and 8 are 15. 6 times 4 is 24.", "7 and 8? 6 times 4?"));
        assertThat(Fact.NONE.isEmpty()).isTrue();
        assertThat(one.isEmpty()).isFalse();
    }

    @Test
    void everyKindOfStepHasALabelOfItsOwn() {
        Set<String> labels = Arrays.stream(StepKind.values()).map(StepKind::label).collect(Collectors.toSet());
        assertThat(labels).hasSameSizeAs(StepKind.values()).noneMatch(String::isBlank);
    }

    @Test
    void aSlipIsFoundByItsNameInItsOperation() {
        for (KnownSlip slip : Slips.ALL) {
            assertThat(Slips.find(slip.id(), slip.operation()).orElseThrow().operation()).isEqualTo(slip.operation());
            assertThat(Slips.find(slip.id()).orElseThrow().id()).isEqualTo(slip.id());
            assertThat(Slips.name(slip.id(), slip.operation())).isEqualTo(slip.name());
        }
        assertThat(Slips.find("no-such-slip")).isEmpty();
        assertThat(Slips.name("no-such-slip", Operation.ADDITION)).isEqualTo("no-such-slip");
        assertThat(Slips.name(Slips.FACT_NEAR_MISS, Operation.ADDITION)).isEqualTo("a fact missed");
        assertThat(Slips.name(Slips.FACT_NEAR_MISS, problem("7 + 8"))).isEqualTo("a fact missed");
    }

    @Test
    void inWholeNumbersNoSlipOfThePointIsMet() {
        List<String> whole =
                Slips.met(problem("402 − 158"), MethodName.DECOMPOSITION).stream().map(KnownSlip::id).toList();
        List<String> decimals =
                Slips.met(new Problem.Subtraction(Numeral.of("40.2"), Numeral.of("15.8")), MethodName.DECOMPOSITION)
                        .stream().map(KnownSlip::id).toList();
        assertThat(decimals).containsAll(whole).hasSizeGreaterThan(whole.size());
    }

    /** The steps of a working are numbered from 1, those of its check after those of the work. */
    @ParameterizedTest
    @EnumSource(Operation.class)
    void aCheckComesAfterTheWork(Operation operation) {
        Problem problem = EveryMethodTest.problem(operation, RandomNumbers.seeded(77 + operation.ordinal()), 4);
        Working working = Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, null)).working();
        List<Step> steps = working.steps();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).n()).isEqualTo(i + 1);
            assertThat(steps.get(i).part().id()).isEqualTo(i < working.lastOfWork() ? "work" : "check");
        }
    }
}
