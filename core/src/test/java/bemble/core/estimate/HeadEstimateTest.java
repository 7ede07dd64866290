package bemble.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HeadEstimateTest {
    private static final int PROBLEMS = 200 * Trials.of(60);
    private static final BigDecimal FIFTH = new BigDecimal("0.2");
    private static final HouseStyle FIRST = HouseStyle.USUAL.with(Map.of("estimateFirst", "yes"));

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "nothing", value = {
        "134 − 52     | 130 − 50 = 80",
        "38 + 146.5   | 40 + 150 = 190",
        "1332 − 864   | 1330 − 860 = 470",
        "620 − 592    | 620 − 590 = 30",
        "4738 + 1967  | 5000 + 2000 = 7000",
        "346 × 205    | 350 × 200 = 70000",
        "1734 ÷ 14    | 1400 ÷ 14 = 100 and 2800 ÷ 14 = 200",
        "√230400      | 400 × 400 = 160000 and 500 × 500 = 250000",
        "3001 − 2998  | nothing",
        "20 + 30      | nothing",
        "56 ÷ 7       | nothing",
        "70 × 0       | nothing"})
    void theNumbersAreThoseOfAHead(String problem, String worked) {
        Optional<HeadEstimate> estimate = HeadEstimate.of(ProblemText.kept(problem), HouseStyle.USUAL);
        assertThat(estimate.map(HeadEstimate::worked).orElse(null)).isEqualTo(worked);
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void noRightAnswerIsEverContradicted(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(41_100 + operation.ordinal());
        int told = 0;
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(operation, random, 1 + random.nextInt(6));
            HeadEstimate estimate = HeadEstimate.of(problem, HouseStyle.USUAL).orElse(null);
            if (estimate == null) {
                continue;
            }
            told++;
            BigDecimal answer = exactly(problem);
            assertThat(estimate.fits(answer)).as(problem.text() + ": " + estimate).isTrue();
            if (estimate.value().startsWith("about")) {
                BigDecimal off = answer.multiply(FIFTH);
                BigDecimal said = Numeral.of(estimate.value().replaceAll("[^0-9.]", "")).value();
                assertThat(said).as(problem.text() + ": " + estimate).isBetween(answer.subtract(off), answer.add(off));
            } else {
                assertThat(estimate.high()).as(problem.text() + ": " + estimate)
                        .isLessThanOrEqualTo(estimate.low().multiply(BigDecimal.valueOf(2)));
            }
        }
        assertThat(told).isGreaterThan(PROBLEMS / 8);
    }

    private static BigDecimal exactly(Problem problem) {
        List<BigDecimal> numbers = problem.operands().stream().map(Numeral::value).toList();
        return switch (problem.operation()) {
            case ADDITION -> numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            case SUBTRACTION -> numbers.get(0).subtract(numbers.get(1));
            case MULTIPLICATION -> numbers.get(0).multiply(numbers.get(1));
            case DIVISION -> numbers.get(0).divide(numbers.get(1), MathContext.DECIMAL128);
            case SQUARE_ROOT -> numbers.get(0).sqrt(MathContext.DECIMAL128);
        };
    }

    @Test
    void whereTheHouseWantsItItIsSaidFirstAndComparedAtTheEnd() {
        List<String> first = said("346 × 205", FIRST);
        assertThat(first.get(0)).startsWith("First about how much: 350 × 200 = 70,000, so about 70,000.");
        assertThat(first).anyMatch(say -> say.endsWith("About 70,000 was expected: 70,930 fits."));
        assertThat(said("346 × 205", HouseStyle.USUAL)).noneMatch(say -> say.contains("bout"));
        assertThat(said("3001 − 2998", FIRST)).noneMatch(say -> say.contains("xpected"));
    }

    private static List<String> said(String problem, HouseStyle style) {
        return Worked
                .from(new WorkOrder(ProblemText.kept(problem), null, style.with(Map.of("grouping", "separator")), null))
                .working().steps().stream().map(step -> step.spoken().say()).toList();
    }
}
