package bemble.core.division;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.Answer;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.sheet.SheetMark;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Fact;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where a remainder goes, divisions that go astray as a whole, and which of their facts can be found. */
class DivisionInDetailTest {
    /** Numbers from here on are too large for anything that helps to find a fact. */
    private static final int LARGE = 65_536;

    private static Problem problem(String text) {
        return ProblemText.kept(text);
    }

    private static Worked work(String problem, String method, String slip) {
        return Worked.from(new WorkOrder(problem(problem), method, HouseStyle.USUAL, null, slip));
    }

    private static Answer answer(String problem, MethodName method, String slip) {
        KnownSlip known = Slips.of(problem(problem), method).stream().filter(each -> each.id().equals(slip)).findFirst()
                .orElseThrow();
        return Written.answerBy(known.slip().over(Hand.CAREFUL), problem(problem), Methods.of(method), HouseStyle.USUAL)
                .answer();
    }

    @ParameterizedTest
    @CsvSource({
        "75 ÷ 8, LONG_DIVISION, remainder-forgotten, 9,, 9",
        "75 ÷ 8, SHORT_DIVISION, remainder-forgotten, 9,, 9",
        "75 ÷ 8, PARTIAL_QUOTIENTS, remainder-forgotten, 9,, 9",
        "72 ÷ 8, LONG_DIVISION, remainder-forgotten, 9, 0, 9",
        "75 ÷ 8, LONG_DIVISION, remainder-behind-point, 9.3,, 9.3",
        "75 ÷ 8, SHORT_DIVISION, remainder-behind-point, 9.3,, 9.3",
        "215 ÷ 16, LONG_DIVISION, remainder-behind-point, 13.7,, 13.7",
        "170 ÷ 16, LONG_DIVISION, remainder-behind-point, 10.10,, 10.10",
        "75 ÷ 8, LONG_DIVISION, remainder-as-last-digit, 93,, 93",
        "170 ÷ 16, PARTIAL_QUOTIENTS, remainder-as-last-digit, 1010,, 1010",
        "75 ÷ 8, LONG_DIVISION, remainder-turned, 9, 5, 9 r 5"})
    void aRemainderStandsWhereTheHandPutsIt(String problem, MethodName method, String slip, String value,
            String remainder, String text) {
        Answer answer = answer(problem, method, slip);
        assertThat(answer.value()).isEqualTo(value);
        assertThat(answer.remainder()).isEqualTo(remainder);
        assertThat(answer.text()).isEqualTo(text);
    }

    @Test
    void aRemainderBehindAPointHasItsPointOnThePaperAndOneStraightBehindHasNone() {
        assertThat(work("75 ÷ 8", null, "remainder-behind-point").sheet().marks())
                .filteredOn(mark -> mark.kind() == MarkKind.POINT)
                .hasSize(1);
        assertThat(work("75 ÷ 8", null, "remainder-as-last-digit").sheet().marks())
                .noneMatch(mark -> mark.kind() == MarkKind.POINT);
        assertThat(say(work("75 ÷ 8", null, "remainder-behind-point")))
                .anyMatch(say -> say.contains("Write it behind a point"));
        assertThat(say(work("75 ÷ 8", null, "remainder-as-last-digit")))
                .anyMatch(say -> say.contains("straight behind the quotient"));
    }

    private static List<String> say(Worked worked) {
        return worked.working().steps().stream().map(step -> step.spoken().say()).toList();
    }

    /** Only what is true is put as an equation; what a hand comes to is then only told. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            8412 ÷ 4 |                         | 8412 ÷ 4 = 2,103  | Nothing is left over: 8412 divided by 4 is exactly 2,103.
            8412 ÷ 4 | quotient-zero-forgotten | 8412 ÷ 4 → 213    | Nothing is left over. The quotient reads 213.
            8413 ÷ 4 |                         | 8413 = 4 × 2103 + 1 | No more digits to bring down, and 1 is less than 4. 1 left over, the remainder. Write it beside the quotient: 8413 = 4 × 2103 + 1.
            8413 ÷ 4 | quotient-zero-forgotten | 213               | No more digits to bring down, and 1 is less than 4. 1 left over, the remainder. Write it beside the quotient.
            """)
    void theEndIsAnEquationOnlyWhereItIsTrue(String problem, String slip, String fact, String say) {
        Worked worked = work(problem, null, slip);
        Step end = worked.working().steps().get(worked.working().lastOfWork() - 1);
        assertThat(end.spoken().fact().text().replace(",", "")).isEqualTo(fact.replace(",", ""));
        assertThat(end.spoken().say().replace(",", "")).isEqualTo(say.replace(",", ""));
    }

    /** From the ones on, each digit with what was left at its right: worked with plain numbers beside it. */
    @Test
    void aDivisionBegunAtTheRightPassesItsRestsToTheLeft() {
        RandomGenerator random = RandomNumbers.seeded(741);
        for (int i = 0; i < 150; i++) {
            int dividend = 10 + random.nextInt(90_000);
            int divisor = 2 + random.nextInt(11);
            String text = dividend + " ÷ " + divisor;
            String digits = new StringBuilder(Integer.toString(dividend)).reverse().toString();
            Map<Integer, String> quotient = new TreeMap<>();
            Map<Integer, String> passed = new TreeMap<>();
            int left = 0;
            for (int place = 0; place < digits.length(); place++) {
                int partial = left * 10 + digits.charAt(place) - '0';
                quotient.put(place, Integer.toString(partial / divisor));
                left = partial % divisor;
                if (left > 0 && place + 1 < digits.length()) {
                    passed.put(place + 1, Integer.toString(left));
                }
            }
            String read = new StringBuilder(String.join("", quotient.values())).reverse().toString()
                    .replaceFirst("^0+(?=.)", "");
            Answer answer = answer(text, MethodName.SHORT_DIVISION, "works-from-right");
            assertThat(answer.value()).as(text).isEqualTo(read);
            assertThat(answer.remainder()).as(text).isEqualTo(Integer.toString(left));
            if (answer.text().equals(work(text, "short", null).answer().text())) {
                continue;
            }
            List<SheetMark> marks = work(text, "short", "works-from-right").sheet().marks();
            assertThat(figures(marks, "quotient")).as(text).isEqualTo(quotient);
            assertThat(figures(
                    marks.stream().filter(mark -> mark.role() == Role.CARRY || mark.size() == Size.SMALL).toList(),
                    "dividend"))
                            .as(text).isEqualTo(passed);
        }
    }

    private static Map<Integer, String> figures(List<SheetMark> marks, String line) {
        Map<Integer, String> figures = new TreeMap<>();
        marks.stream().filter(
                mark -> mark.line().id().equals(line) && mark.kind() == MarkKind.DIGIT && mark.role() != Role.MISSING)
                .forEach(mark -> figures.put(mark.place(), mark.text()));
        return figures;
    }

    @ParameterizedTest
    @CsvSource({"789 ÷ 295, 301, 0", "864 ÷ 432, 222, 0"})
    void digitByDigitEachDigitIsDividedByTheOneBelowIt(String problem, String value, String remainder) {
        Answer answer = answer(problem, MethodName.LONG_DIVISION, "digit-by-digit");
        assertThat(answer.value()).isEqualTo(value);
        assertThat(answer.remainder()).isEqualTo(remainder);
    }

    @ParameterizedTest
    @CsvSource({"789 ÷ 29", "789 ÷ 205", "7 ÷ 2"})
    void digitsThatDoNotPairOffLeadDigitByDigitNowhere(String problem) {
        assertThatThrownBy(() -> answer(problem, MethodName.LONG_DIVISION, "digit-by-digit")).isInstanceOf(Stuck.class);
    }

    /** A small fact is typed, so that a class can be shown how to find it; a large one is only read. */
    @ParameterizedTest
    @CsvSource({"9863 ÷ 9, 9", "8412 ÷ 8, 8", "7506 ÷ 10, 10", "7506 ÷ 25, 25", "999999999 ÷ 65535, 65535",
        "999999999 ÷ 65536, 65536",
        "655359 ÷ 12345, 12345", "655360 ÷ 12345, 12345", "99999999999 ÷ 99999, 99999"})
    void theSmallFactsOfADivisionAreTyped(String problem, int divisor) {
        for (Step step : work(problem, "long", null).working().steps()) {
            Fact fact = step.spoken().fact();
            List<Integer> numbers = fact.numbers();
            switch (step.kind()) {
                case DIVIDE -> {
                    boolean small = Long.parseLong(fact.asked().replaceAll("\\D.*", "")) < LARGE && divisor < LARGE;
                    assertThat(fact.sign() == '÷').as(fact.text()).isEqualTo(small);
                    assertThat(numbers).as(fact.text()).hasSize(small ? 2 : 0);
                }
                case MULTIPLY -> assertThat(fact.sign() == '×' && numbers.get(1) == divisor).as(fact.text())
                        .isEqualTo(divisor < 10);
                case SUBTRACT -> assertThat(fact.sign() == '−').as(fact.text())
                        .isEqualTo(Long.parseLong(fact.asked().replaceAll("\\D.*", "")) < 100);
                default -> {}
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, names = {"LONG_DIVISION", "SHORT_DIVISION", "PARTIAL_QUOTIENTS"})
    void theLineThatReadsTheAnswerIsKnown(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(742);
        for (int i = 0; i < 60; i++) {
            Problem problem = EveryMethodTest.problem(Operation.DIVISION, random, 5);
            Worked worked = Worked.from(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null));
            Working working = worked.working();
            Map<Integer, String> read = new TreeMap<>();
            working.marks().stream().filter(mark -> mark.kind() == MarkKind.DIGIT && working.isInAnswer(mark))
                    .forEach(mark -> read.put(mark.at().place(), mark.text()));
            String digits =
                    new StringBuilder(String.join("", read.values())).reverse().toString().replaceFirst("^0+(?=.)", "");
            String value = worked.answer().value();
            assertThat(digits).as(problem.text()).isEqualTo(digits.isEmpty() && value.equals("0") ? "" : value);
        }
    }
}
