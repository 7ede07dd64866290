package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slip;
import bemble.core.style.HouseStyle;
import bemble.core.style.Way;
import bemble.core.work.WorkOrder;
import bemble.core.work.Worked;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class SlipsTest {
    private static final int PROBLEMS = Integer.getInteger("bemble.problems", 300);

    static Stream<JsonNode> slips() {
        return Vectors.of("slips");
    }

    @ParameterizedTest
    @MethodSource("slips")
    void theSlipsOfTheWorkedCasesGiveTheirAnswers(JsonNode vector) {
        Problem problem = ProblemText.read(Operation.of(vector.get("operation").asString()), Vectors.operands(vector), 0,
                Punctuation.POINT);
        assertThat(slipped(problem, vector.get("slip").asString(), null).answer().text())
                .isEqualTo(vector.get("given").asString());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "47 + 38     | last-carry-lost   |       | carry-lost-needs-a-last-carry",
        "87 + 38     | last-carry-lost   | 25    |",
        "41 + 38     | needless-carry    | 89    |",
        "450 − 62    | lined-up-left     |       | stuck",
        "664 × 37    | matching-columns-only | 808 |",
        "97 ÷ 4      | remainder-forgotten | 24  |",
        "96 ÷ 4      | remainder-forgotten |     | nothing is left over",
        "11025 ÷ 5   | carry-forgotten   |       | of another operation",
        "1.5 + 2.5   | carry-forgotten   |       | whole numbers only",
        "5 + 5 + 5   | subtracted-instead |      | two numbers only",
        "105 × 5     | zero-keeps-the-digit | 575 |",
        "√529        | digit-not-set-beside | 23 | the same",
        "√625        | digit-not-set-beside | 25 | the same",
        "√7921       | digit-not-set-beside | 89 | the same",
        "√1521       | root-not-doubled  | 39    | the same"})
    void aSlipChangesTheAnswerOrIsRefused(String text, String slip, String given, String why) {
        Problem problem = ProblemText.read(text, 0, Punctuation.POINT);
        if (given == null || why != null) {
            assertThatThrownBy(() -> slipped(problem, slip, null)).as(why).isInstanceOfSatisfying(Refusal.class,
                    refusal -> assertThat(refusal.faults().get(0).field()).isEqualTo("slip"));
        } else {
            assertThat(slipped(problem, slip, null).answer().text()).isEqualTo(given);
        }
    }

    @ParameterizedTest
    @EnumSource(Slip.class)
    void whereASlipCanHappenItsPaperIsWholeAndTellsWrongFromFollowing(Slip slip) {
        RandomGenerator random = RandomNumbers.seeded(900 + slip.ordinal());
        int happened = 0;
        for (int i = 0; i < 4 * PROBLEMS && happened < PROBLEMS / 6; i++) {
            Problem problem = problem(random);
            for (Way way : Way.of(problem.operation())) {
                HouseStyle style = RandomStyles.next(random);
                Worked worked;
                try {
                    worked = Worked.from(new WorkOrder(problem, way.id(), style, null, slip));
                } catch (Refusal refusal) {
                    continue;
                }
                happened++;
                Worked right = Worked.from(new WorkOrder(problem, way.id(), style, null));
                assertThat(worked.answer().text()).as("%s %s", slip, problem.text()).isNotEqualTo(right.answer().text());
                new Paper(worked).assertNothingOverlaps();
                assertThat(right.working().marks()).noneMatch(mark -> List.of("wrong", "follows").contains(mark.role().id()));
            }
        }
        assertThat(happened).as("%s never happened", slip).isPositive();
    }

    private static Problem problem(RandomGenerator random) {
        Numeral one = RandomNumbers.whole(random, 5);
        Numeral other = RandomNumbers.whole(random, 4);
        boolean inOrder = one.compareTo(other) >= 0;
        return switch (random.nextInt(5)) {
            case 0 -> new Problem.Addition(random.nextBoolean() ? List.of(one, other)
                    : List.of(one, other, RandomNumbers.whole(random, 3)));
            case 1 -> new Problem.Subtraction(inOrder ? one : other, inOrder ? other : one);
            case 2 -> new Problem.Multiplication(one, other);
            case 3 -> new Problem.Division(one, other.isZero() ? Numeral.of("3") : other);
            default -> new Problem.SquareRoot(one, 0);
        };
    }

    private static Worked slipped(Problem problem, String slip, String method) {
        return Worked.from(new WorkOrder(problem, method, HouseStyle.USUAL, null, Slip.of(slip)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "687 + 58   | carry-forgotten     | answer    | 1",
        "5002 − 1347 | smaller-from-larger | answer   | 0",
        "5002 − 1347 | exchange-not-paid  | minuend   | 0"})
    void theBrokenRuleItselfIsMarkedWhereItIsBrokenFirst(String text, String slip, String line, int place) {
        Worked worked = slipped(ProblemText.read(text, 0, Punctuation.POINT), slip, null);
        assertThat(worked.sheet().marks()).filteredOn(mark -> mark.role().equals("wrong")).first().satisfies(mark -> {
            assertThat(mark.line()).isEqualTo(line);
            assertThat(mark.place()).isEqualTo(place);
        });
    }
}
