package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Roots by hands that break a rule, as they are known from classes. */
class RootSlipsTest {
    @ParameterizedTest
    @CsvSource({"729, doubled-root, 28", "729, running-divisor, 28", "59000490, doubled-root, 7713"})
    void whoSetsNoDigitBesideTakesTheLargestThatFitsWithoutIt(String radicand, String method, String written) {
        Worked worked = Worked.from(
                new WorkOrder(ProblemText.kept("√" + radicand), method, HouseStyle.USUAL, null,
                        "digit-not-set-beside"));
        assertThat(worked.answer().text()).isEqualTo(written);
    }
}
