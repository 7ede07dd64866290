package bemble.core.marking;

import bemble.core.marking.paper.PaperToMark;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.CheckPlace;
import bemble.core.style.option.LastColumns;
import bemble.core.style.option.PartSums;
import bemble.core.style.carry.RowCarries;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Step;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The same answer written in other ways: what stands there, what is said, and that each way is right for the others. */
class WrittenOtherwiseTest {
    private static final int PROBLEMS = Trials.of(60);

    private static Problem read(String problem) {
        return ProblemText.kept(problem);
    }

    private static Worked work(Problem problem, String method, String check, HouseStyle style) {
        return Worked.from(new WorkOrder(problem, method, style, check, null));
    }

    private static String said(Worked worked, Part part) {
        return worked.working().steps().stream().filter(step -> step.part() == part).map(Step::spoken)
                .map(spoken -> spoken.say()).collect(Collectors.joining(" "));
    }

    private static void assertReadAsRight(Problem problem, MethodName method, HouseStyle writes, HouseStyle marks) {
        Written written = Written.by(Hand.CAREFUL, problem, Methods.of(method), writes);
        Marked marked = Marking.mark(problem, method.id(), marks,
                new PaperToMark(MarkingTest.paperOf(written, false, true), false, false, false, null));
        assertThat(marked.verdict()).as("%s written by %s, marked by %s", problem.text(), writes, marks)
                .isEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.slips()).isEmpty();
    }

    private static Subtraction difference(RandomGenerator random) {
        Numeral one = RandomNumbers.whole(random, 4);
        Numeral other = RandomNumbers.whole(random, 4);
        Numeral larger = one.compareTo(other) < 0 ? other : one;
        Numeral smaller = one.compareTo(other) < 0 ? one : other;
        // Many begin with the 1 that this is about, and have the larger digits below.
        return random.nextInt(4) == 0 ? new Subtraction(larger, smaller)
                : new Subtraction(Numeral.of("1" + smaller.digits()),
                        smaller.length() < larger.length() ? smaller : larger);
    }

    @ParameterizedTest
    @EnumSource(names = {"DECOMPOSITION", "EQUAL_ADDITIONS"})
    void oneThatIsUsedUpWholeIsTakenTogetherWithItsNeighbour(MethodName method) {
        HouseStyle together = HouseStyle.USUAL.with("lastColumns", LastColumns.TOGETHER);
        RandomGenerator random = RandomNumbers.seeded(9);
        int met = 0;
        for (int i = 0; i < PROBLEMS; i++) {
            Subtraction problem = difference(random);
            Worked worked = work(problem, method.id(), null, together);
            BigInteger right = problem.minuend().wholeValue().subtract(problem.subtrahend().wholeValue());
            assertThat(worked.answer().value()).as(problem.text()).isEqualTo(right.toString());
            boolean taken = said(worked, Part.WORK).contains("both together are");
            met += taken ? 1 : 0;
            int front = problem.minuend().highest();
            if (taken) {
                assertThat(worked.working().marks()).as(problem.text()).noneMatch(mark -> mark.at().place() == front
                        && mark.at().block().name().id().equals("sum")
                        && (mark.kind() == MarkKind.STRIKE || mark.role() == Role.EXCHANGE));
            }
            assertReadAsRight(problem, method, together, HouseStyle.USUAL);
            assertReadAsRight(problem, method, HouseStyle.USUAL, together);
        }
        assertThat(met).isGreaterThan(PROBLEMS / 8);
    }

    @Test
    void aDifferenceIsAddedBackWhereItStands() {
        HouseStyle beneath = HouseStyle.USUAL.with("checkPlace", CheckPlace.BENEATH);
        RandomGenerator random = RandomNumbers.seeded(7);
        for (int i = 0; i < PROBLEMS; i++) {
            Subtraction problem = difference(random);
            Worked worked = work(problem, null, CheckKind.ADD_BACK.id(), beneath);
            assertThat(worked.check().holds()).as(problem.text()).isTrue();
            assertThat(worked.check().actual()).isEqualTo(problem.minuend().plain());
            List<Mark> check = worked.working().marks().stream()
                    .filter(mark -> mark.at().block().name().id().startsWith("check.")).toList();
            assertThat(check).as(problem.text()).noneMatch(mark -> mark.role() == Role.GIVEN);
            assertThat(said(worked, Part.CHECK)).contains("right beneath").contains("digit by digit");
        }
    }

    @Test
    void whatIsNotLinedUpIsAddedBackAsASumOfItsOwn() {
        HouseStyle beneath = HouseStyle.USUAL.with("checkPlace", CheckPlace.BENEATH);
        Worked slipped = Worked.from(new WorkOrder(read("864 - 23"), null, beneath, null, "lined-up-left"));
        assertThat(slipped.check().holds()).isFalse();
        assertThat(said(slipped, Part.CHECK)).doesNotContain("right beneath");
    }

    @ParameterizedTest
    @CsvSource({"97 ÷ 4, 96, 97", "4328 ÷ 7, 4326, 4328", "√556, 529, 556"})
    void whatIsLeftOverIsAddedUnderItsProduct(String problem, String product, String whole) {
        Worked worked = work(read(problem), null, null, HouseStyle.USUAL.with("checkPlace", CheckPlace.BENEATH));
        assertThat(worked.check().actual()).isEqualTo(whole);
        assertThat(said(worked, Part.CHECK)).contains("right under the product");
        // The product stands there once.
        String written =
                worked.working().marks().stream().filter(mark -> mark.at().block().name().id().equals("check.beneath")
                        && mark.role() == Role.GIVEN).map(Mark::text).collect(Collectors.joining());
        assertThat(written).isEqualTo(new BigInteger(whole).subtract(new BigInteger(product)).toString());
    }

    @ParameterizedTest
    @EnumSource(CarryPlace.class)
    void carriesOfRowsStandWhereItIsSaid(CarryPlace place) {
        HouseStyle style = HouseStyle.USUAL.with("carryPlace", place);
        Worked worked = work(read("346 × 275"), null, null, style);
        List<String> carried =
                worked.working().marks().stream().filter(mark -> mark.at().block().name().id().equals("product")
                        && mark.role() == Role.CARRY && mark.kind() == MarkKind.DIGIT).map(Mark::text).toList();
        assertThat(carried).containsExactly("3", "2", "4", "3", "1", "1", "1");
        String words = said(worked, Part.WORK);
        assertThat(words).contains(switch (place) {
            case ABOVE_NEXT -> "a small 4 above the 4, which comes next";
            case ON_THE_RULE -> "a small 4 below the rows, in the hundreds column";
            case UNDER_ANSWER -> "a small 4 under the row in the hundreds column";
            case FOOT_OF_NEXT, BEFORE_NEXT_DIGIT -> "a small 4 in the row, before the next digit, in the hundreds column";
        });
        if (place == CarryPlace.ON_THE_RULE) {
            assertThat(words).contains("a small 3 on the rule in the tens column");
        }
    }

    @Test
    void carriesKeptInTheHeadAreSaidAndNotWritten() {
        Worked worked = work(read("346 × 5"), null, null, HouseStyle.USUAL.with("rowCarries", RowCarries.IN_THE_HEAD));
        assertThat(said(worked, Part.WORK)).contains("keep 3 in mind");
        assertThat(worked.working().marks())
                .noneMatch(mark -> mark.role() == Role.CARRY && mark.at().block().name().id().equals("product"));
    }

    @ParameterizedTest
    @EnumSource(PartSums.class)
    void partsComeTogetherInThreeWaysAndEachIsRightForTheOthers(PartSums way) {
        RandomGenerator random = RandomNumbers.seeded(3);
        for (int i = 0; i < PROBLEMS / 3; i++) {
            boolean whole = i % 4 > 0;
            List<Numeral> numbers =
                    IntStream.range(0, 2 + i % 3).mapToObj(n -> !whole ? RandomNumbers.decimal(random, 4)
                            : RandomNumbers.whole(random, 4)).toList();
            Addition problem = new Addition(numbers);
            HouseStyle style = HouseStyle.USUAL.with("partSums", way);
            Worked worked = work(problem, "partial-sums", null, style);
            Numeral right = numbers.stream().reduce((a, b) -> Numeral.of(a.value().add(b.value()).toPlainString()))
                    .orElseThrow();
            assertThat(Numeral.of(worked.answer().value())).as(problem.text()).isEqualByComparingTo(right);
            for (PartSums other : PartSums.values()) {
                assertReadAsRight(problem, MethodName.PARTIAL_SUMS, style, HouseStyle.USUAL.with("partSums", other));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"columns, 500 180 15", "jotted, 500 680", "in-the-head, ''"})
    void whatStandsOfTheParts(String way, String lines) {
        Worked worked = work(read("347 + 285 + 63"), "partial-sums", null, style("partSums", way));
        String written = IntStream.rangeClosed(1, 3).mapToObj(n -> worked.working().marks().stream()
                .filter(mark -> mark.at().block().name().id().equals("parts")
                        && mark.at().line().id().equals("addend-" + n)
                        && mark.kind() == MarkKind.DIGIT && mark.role() == Role.WRITTEN)
                .map(Mark::text).collect(Collectors.joining())).filter(line -> !line.isEmpty())
                .collect(Collectors.joining(" "));
        assertThat(written.chars().sorted().toArray())
                .isEqualTo(lines.chars().sorted().toArray());
        assertThat(said(worked, Part.WORK))
                .contains(way.equals("columns") ? "Now add the parts" : "680 and 15 are 695: write 695");
    }

    private static HouseStyle style(String choice, String id) {
        return HouseStyle.USUAL.with(Map.of(choice, id));
    }

    @Test
    void crosswiseProductsAndLinesAreAChoice() {
        HouseStyle plain = style("crossLines", "washed").with(Map.of("crossProducts", "in-the-head"));
        Worked worked = work(read("34 × 27"), "crosswise", null, plain);
        assertThat(worked.working().marks()).noneMatch(mark -> mark.kind() == MarkKind.LINE)
                .noneMatch(mark -> mark.kind() == MarkKind.LABEL && mark.text().contains("×")
                        && !mark.at().block().name().id().startsWith("check"));
        assertThat(worked.working().marks().stream()
                .filter(mark -> mark.kind() == MarkKind.WASH && mark.at().block().name().id().equals("product")))
                        .hasSize(8);
    }

    @Test
    void theEstimateForARootsDigitStandsBesideWhileItIsTried() {
        Worked worked =
                work(read("√1849"), null, null, style("rootEstimate", "jotted").with(Map.of("rootBoxes", "first")));
        assertThat(worked.working().marks())
                .anyMatch(mark -> mark.text().equals("249 ÷ 80 → 3") && mark.until() == mark.step() + 1);
        assertThat(worked.working().marks().stream().filter(mark -> mark.kind() == MarkKind.BOX && mark.step() == 1))
                .hasSize(2);
    }

    @Test
    void zerosThatFillEmptyPlacesAreSaid() {
        assertThat(said(work(read("38 + 146.5"), null, null, style("padZeros", "yes")), Part.WORK))
                .contains("0 tenths and 5 tenths are 5 tenths").contains("0 hundreds and 1 hundred are 1 hundred");
        assertThat(said(work(read("38 + 146.5"), null, null, HouseStyle.USUAL), Part.WORK))
                .contains("only 5 tenths, nothing to add");
    }
}
