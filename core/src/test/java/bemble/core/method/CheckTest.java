package bemble.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.word.NumberOrder;
import bemble.core.working.Step;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A check is another working than the one it checks, and says which. */
class CheckTest {
    private static Worked worked(String problem, HouseStyle style, String check) {
        return Worked.from(new WorkOrder(ProblemText.kept(problem), null, style, check));
    }

    @ParameterizedTest
    @CsvSource({"7 × 58, swap, 7 × 58 = 406", "58 × 7, swap, 7 × 58 = 406", "24 × 157, swap, 24 × 157 = 3768",
        "36 × 36, other-method, 36 × 36 = 1296", "48 + 48, other-method, 48 + 48 = 96",
        "8 + 8, subtract-one, 16 − 8 = 8",
        "7 × 7, divide-back, 49 ÷ 7 = 7", "0 × 0, other-method, 0 × 0 = 0",
        "12 + 5 + 12, other-method, 12 + 5 + 12 = 29"})
    void numbersAreTurnedRoundAsTheyStandAndEqualOnesAreCheckedInAnotherWay(String problem, String kind,
            String statement) {
        Worked worked = worked(problem, HouseStyle.USUAL, null);
        assertThat(worked.check().kind()).isEqualTo(kind);
        assertThat(worked.check().statement()).isEqualTo(statement);
        assertThat(worked.check().holds()).isTrue();
    }

    @Test
    void longerNumbersOnTopAreTurnedRoundToo() {
        Worked worked = worked("95 + 782", HouseStyle.USUAL.with("order", NumberOrder.LONGER_ON_TOP), null);
        assertThat(worked.check().statement()).isEqualTo("95 + 782 = 877");
    }

    /** Equal numbers, numbers of equal length and long ones, in all styles: no check repeats the steps of the working. */
    @Test
    void noCheckRepeatsTheWorking() {
        RandomGenerator random = RandomNumbers.seeded(7);
        for (int i = 0; i < 600; i++) {
            int most = List.of(10, 100, 10_000).get(random.nextInt(3));
            int one = random.nextInt(most);
            int other = random.nextInt(3) == 0 ? one : random.nextInt(most);
            String problem = one + (random.nextBoolean() ? " + " : " × ") + other;
            HouseStyle style = RandomStyles.next(random);
            Problem read = ProblemText.kept(problem);
            Worked worked = Worked.from(new WorkOrder(read, null, style, CheckKind.of(read.operation()).get(0).id()));
            assertThat(said(worked, "check")).as("%s, %s", problem, style.ids()).isNotEqualTo(said(worked, "work"));
            assertThat(worked.check().holds()).as(problem).isTrue();
        }
    }

    /** What is said between setting the numbers out and the end, of one part. */
    private static List<String> said(Worked worked, String part) {
        List<String> all =
                worked.working().steps().stream().filter(step -> step.part().id().equals(part)).map(Step::spoken)
                        .map(spoken -> spoken.say()).collect(Collectors.toList());
        return part.equals("check") ? all.subList(1, all.size() - 1) : all;
    }
}
