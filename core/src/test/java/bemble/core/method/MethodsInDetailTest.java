package bemble.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.check.Check;
import bemble.core.estimate.Estimate;
import bemble.core.given.SheetReader;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What random problems do not show: words, small figures in their places, edges. */
class MethodsInDetailTest {
    private static Worked work(String problem, String method, Map<String, String> style) {
        return Worked.from(new WorkOrder(ProblemText.kept(problem), method,
                HouseStyle.USUAL.with(style), null));
    }

    private static List<String> said(Worked worked) {
        return worked.working().steps().stream().map(Step::spoken).map(spoken -> spoken.say()).toList();
    }

    @Test
    void anExchangeIsSaidWithItsValueAndWrittenAboveTheStruckDigit() {
        Worked worked = work("640 − 275", null, Map.of("expandedExchanges", "yes"));
        assertThat(said(worked)).contains(
                "Ones: 0 ones, take away 5: not enough. Exchange 1 ten for 10 ones: 3 tens and "
                        + "10 ones, still 40. Strike the 4, write 3 above it; a small 1 before the 0.");
        assertThat(said(worked)).contains(
                "Tens: 3 tens, take away 7: not enough. Exchange 1 hundred for 10 tens: 5 hundreds "
                        + "and 13 tens, still 630. Strike the 6, write 5 above it; a small 1 before the 3.");
        List<SheetMark> marks = worked.sheet().marks();
        assertThat(marks).anyMatch(mark -> mark.text().equals("600 + 30 = 500 + 130"));
        SheetMark six = marks.stream().filter(mark -> mark.role().id().equals("given") && mark.text().equals("6"))
                .findFirst().orElseThrow();
        assertThat(marks).anyMatch(
                mark -> mark.kind().id().equals("strike") && mark.row() == six.row() && mark.column() == six.column());
        assertThat(marks).anyMatch(mark -> mark.role().id().equals("exchange") && mark.text().equals("5")
                && mark.row() == six.row() - 1 && mark.column() == six.column());
    }

    @ParameterizedTest
    @CsvSource({"in-front, 1", "in-full, 12"})
    void theTenThatWasGotIsWrittenAsTheStyleHasIt(String writing, String figure) {
        Worked worked = work("42 − 17", null, Map.of("exchangeWriting", writing));
        assertThat(worked.sheet().marks()).filteredOn(mark -> mark.role().id().equals("exchange") && mark.place() == 0
                && mark.kind().id().equals("digit")).extracting(SheetMark::text).containsExactly(figure);
    }

    @Test
    void equalAdditionsNeverSpeakOfBorrowing() {
        Worked worked = work("713 − 286", "equal-additions", Map.of("exchangeWord", "borrow"));
        assertThat(said(worked)).noneMatch(sentence -> sentence.contains("orrow"))
                .contains(
                        "Ones: 3 ones, take away 6: not enough. Add 10 ones above and 1 ten below: the difference stays. "
                                + "A small 1 before the 3 above, a small 1 below in the tens column. Now there are 13 ones.");
        assertThat(worked.sheet().marks()).filteredOn(mark -> mark.role().id().equals("exchange") && mark.step() == 2)
                .extracting(mark -> mark.anchor().id()).containsExactly("before-high", "before-low");
    }

    @Test
    void noZeroIsWrittenInFrontOfADifference() {
        Worked worked = work("1003 − 998", null, Map.of());
        assertThat(new SheetReader(worked).read("sum", "answer")).isEqualTo("5");
        assertThat(said(worked))
                .contains("Tens: 9 tens take away 9 tens leaves 0 tens. Nothing is left here or further "
                        + "on: no 0 is written in front.");
        assertThat(work("7.25 − 7.2", null, Map.of()).answer().value()).isEqualTo("0.05");
    }

    @ParameterizedTest
    @CsvSource({"zero, 1544", "cross, 1544", "blank, 1544"})
    void placeholdersFollowTheStyle(String placeholder, String digits) {
        Worked worked = work("386 × 47", null, Map.of("placeholder", placeholder));
        String row = worked.sheet().marks().stream().filter(mark -> isSecondRow(mark) && !mark.text().equals("+")
                && (mark.kind().id().equals("digit") || mark.kind().id().equals("sign"))
                && mark.size().id().equals("full"))
                .sorted((a, b) -> b.place() - a.place()).map(SheetMark::text).collect(Collectors.joining());
        assertThat(row).isEqualTo(digits + Map.of("zero", "0", "cross", "×", "blank", "").get(placeholder));
    }

    private static boolean isSecondRow(SheetMark mark) {
        return mark.block().id().equals("product") && mark.line().id().equals("addend-2");
    }

    @Test
    void usedCarriesOfARowAreStruckBeforeTheNext() {
        Worked worked = work("386 × 47", null, Map.of("strikeCarries", "yes"));
        Step placeholder = worked.working().steps().stream().filter(step -> step.kind().id().equals("placeholder"))
                .findFirst().orElseThrow();
        assertThat(worked.sheet().marks())
                .filteredOn(mark -> mark.kind().id().equals("strike") && mark.step() == placeholder.n())
                .hasSize(2);
    }

    @Test
    void aZeroBelowIsSkippedOrGetsARowOfZeros() {
        assertThat(work("46 × 207", null, Map.of("order", "kept")).sheet().marks())
                .noneMatch(MethodsInDetailTest::isSecondRow);
        assertThat(work("46 × 207", null, Map.of("order", "kept", "zeroRows", "written")).sheet().marks())
                .filteredOn(MethodsInDetailTest::isSecondRow).extracting(SheetMark::text).containsOnly("0");
    }

    @Test
    void theDivisionWritesMinusSignsZeroProductsAndMultiplesOnRequest() {
        assertThat(work("812 ÷ 4", null, Map.of()).sheet().marks()).noneMatch(mark -> mark.text().equals("−"));
        Worked worked = work("812 ÷ 4", null, Map.of("minusSigns", "yes", "zeroProducts", "yes", "multiples", "yes"));
        assertThat(worked.sheet().marks()).filteredOn(mark -> mark.text().equals("−")).hasSize(3);
        assertThat(worked.sheet().marks()).anyMatch(mark -> mark.text().equals("9 × 4 = 36"));
        assertThat(work("97 ÷ 4", null, Map.of("remainderMark", "rem")).answer().text()).isEqualTo("24 rem 1");
        assertThat(said(work("325 ÷ 4", null, Map.of()))).contains(
                "0 tens and 5 ones are 5 ones: bring the 5 down.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "√529 to 3 dp  | 23   | true  | 23",
        "√4.01 to 2 dp | 2.00 | false | 2.00",
        "√6.25         | 2    | false | 3",
        "√6.25 to 4 dp | 2.5  | true  | 2.5",
        "√0            | 0    | true  | 0",
        "√0.0001 to 2 dp | 0.01 | true | 0.01",
        "√400          | 20   | true  | 20",
        "√99.999 to 1 dp | 9.9 | false | 10.0"})
    void rootsAreCutOffAndRoundedApart(String problem, String value, boolean exact, String rounded) {
        Worked worked = work(problem, null, Map.of());
        assertThat(worked.answer().value()).isEqualTo(value);
        assertThat(worked.answer().exact()).isEqualTo(exact);
        assertThat(worked.answer().rounded()).isEqualTo(rounded);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "47 + 38 + 25 | subtract-one  | 110 − 25 = 85                       | subtraction addition",
        "403 − 128    | add-back      | 275 + 128 = 403                     | addition",
        "46 × 37      | swap          | 37 × 46 = 1702                      | multiplication",
        "46 × 37      | other-method  | 46 × 37 = 1702                      | multiplication",
        "46 × 37      | divide-back   | 1702 ÷ 37 = 46                      | division",
        "97 ÷ 4       | multiply-back | 24 × 4 + 1 = 97                     | multiplication addition",
        "96 ÷ 4       | multiply-back | 24 × 4 = 96                         | multiplication",
        "√2.71828 to 1 dp | square-back | 1.6 × 1.6 + 0.15828 = 2.71828     | multiplication addition",
        "47 + 38      | nines         | by nines: 47 + 38 → 4; 85 → 4       | ''"})
    void everyCheckIsWorked(String problem, String kind, String statement, String operations) {
        Check check = Worked.from(new WorkOrder(ProblemText.kept(problem), null, HouseStyle.USUAL,
                kind)).check();
        assertThat(check.statement()).isEqualTo(statement);
        assertThat(check.holds()).isTrue();
        assertThat(check.workings().stream().map(sum -> sum.operation().id()).collect(Collectors.joining(" ")))
                .isEqualTo(operations);
    }

    @Test
    void zeroTimesZeroCannotBeDividedBack() {
        assertThatThrownBy(() -> Worked.from(new WorkOrder(ProblemText.kept("0 × 0"), null,
                HouseStyle.USUAL, "divide-back"))).isInstanceOf(Refusal.class).hasMessageContaining("another check");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "4738 + 1967 | 1 | 5000 + 2000 = 7000 | 4 | 5",
        "5002 − 1347 | 2 | 5000 − 1300 = 3700 | 1 | 4",
        "386 × 47    | 1 | 400 × 50 = 20000   | 4 | 5",
        "7506 ÷ 25   | 1 | 8000 ÷ 30 ≈ 300    | 3 | 3",
        "√5290       | 1 | √5000 ≈ 70         | 2 | 2"})
    void estimatesRoundAndForetellTheDigits(String problem, int kept, String statement, int fewest, int most) {
        Estimate estimate = Estimate.of(ProblemText.kept(problem), kept, HouseStyle.USUAL);
        assertThat(estimate.statement()).isEqualTo(statement);
        assertThat(estimate.fewestDigits()).isEqualTo(fewest);
        assertThat(estimate.mostDigits()).isEqualTo(most);
        Worked worked = work(problem, null, Map.of());
        assertThat(Numeral.of(worked.answer().value()).highest() + 1).isBetween(fewest, most);
        assertThat(Estimate.against(ProblemText.kept(problem), Numeral.of("1"), Numeral.of(worked.answer().value()),
                HouseStyle.USUAL))
                        .contains("far apart");
    }
}
