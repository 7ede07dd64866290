package bemble.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.Trials;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Part;
import bemble.core.working.Step;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is said can be said in one breath, in words that belong to a class, and ends with what came out. */
class SentencesTest {
    private static final int PROBLEMS = 4 * Trials.of(60);
    /** About 22 words; the tries for a digit of a root are three short sums in a row. */
    private static final int BREATH = 24;
    private static final Pattern NOT_FOR_A_CLASS =
            Pattern.compile("[Tt]he hand |regrouped|Borrow 1 \\w+ for|goes away from| once\\b|null|  |\\.\\.");

    @ParameterizedTest
    @EnumSource(Operation.class)
    void everySentenceIsForAClassAndShortEnoughToBeSaid(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(operation.ordinal() + 5);
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(operation, random, 4);
            HouseStyle style = RandomStyles.next(random);
            Worked worked = Worked.from(new WorkOrder(problem, null, style, null));
            List<Step> steps = worked.working().steps();
            for (Step step : steps) {
                String say = step.spoken().say();
                assertThat(say).as("%s %s", problem.text(), style).doesNotContainPattern(NOT_FOR_A_CLASS);
                for (String sentence : say.split("(?<=[.?]) ")) {
                    assertThat(sentence.split("[ :] ?").length).as("%s: %s", problem.text(), sentence)
                            .isLessThanOrEqualTo(BREATH + problem.operands().size());
                }
            }
            Step last =
                    steps.stream().filter(step -> step.part() == Part.WORK).reduce((one, other) -> other).orElseThrow();
            String answer = worked.answer().text().split(" ")[0];
            assertThat(last.spoken().say()).as(problem.text() + style).contains(answer);
        }
    }
}
