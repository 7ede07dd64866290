package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import bemble.core.given.SheetReader;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.words.Words;
import bemble.core.working.Spot;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Slips that are a procedure of their own, and slips limited to a column: what is written line by line, worked by hand here. */
class ProceduresOfSlipsTest {
    private static final int PROBLEMS = 6;

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", value = {
        // 6 + 4 = 10: 0 and 1 to the right; 8 + 5 + 1 = 14: 4 and 1 to the right; 7 + 8 + 1 = 16 whole.
        "687 + 458   | -     | works-from-left       | COLUMN           | 416    | sum answer=0416, sum carries=           | carried 1 thousand, 1 hundred",
        "95 + 7      | -     | works-from-left       | COLUMN           | 912    | sum answer=912                          | nothing carried",
        "1.5 + 2.75  | -     | works-from-left       | COLUMN           | 3.26   | sum answer=326                          | carried 1 one",
        // 7 + 8 + 8 + 5 + 6 + 4 = 38.
        "687 + 458   | -     | all-digits-added      | COLUMN           | 38     | sum answer=38                           | nothing carried",
        "12 + 3      | -     | all-digits-added      | COLUMN           | 6      | sum answer=6                            | nothing carried",
        "713 − 286   | -     | added-instead         | COLUMN           | 999    | sum answer=999                          | nothing carried",
        "63 + 21     | -     | subtracted-instead    | DECOMPOSITION    | 42     | sum answer=42                           | no exchange",
        "24 × 13     | -     | added-instead         | COLUMN           | 37     | product answer=37                       | nothing carried",
        // 4 × 7 = 28: 8 and 2; 6 × 3 + 2 = 20: 0 and 2; 6 comes down with the 2.
        "664 × 37    | -     | matching-columns-only | MATCHING_COLUMNS | 808    | product answer=808                      | products 28, 18, 6",
        "20 × 30     | -     | matching-columns-only | MATCHING_COLUMNS | 60     | product answer=60                       | products 0, 6",
        // 6 ÷ 4 = 1, 2 left; 29 ÷ 4 = 7, 1 left.
        "96 ÷ 4      | short | works-from-right      | SHORT_DIVISION   | 71 r 1 | quotient quotient=71, remainder remainder=1   | left 2, 1",
        "745 ÷ 3     | short | works-from-right      | SHORT_DIVISION   | 281 r 1 | quotient quotient=281, remainder remainder=1 | left 2, 0, 1",
        "805 ÷ 5     | short | works-from-right      | SHORT_DIVISION   | 101 r 3 | quotient quotient=101, remainder remainder=3 | left 0, 0, 3",
        "48 ÷ 12     | -     | digit-by-digit        | LONG_DIVISION    | 44     | quotient quotient=44                    | left 4, 8",
        // 7 ÷ 2 = 3, 8 ÷ 9 = 0, 9 ÷ 5 = 1.
        "789 ÷ 295   | -     | digit-by-digit        | LONG_DIVISION    | 301    | quotient quotient=301                   | left 7, 8, 9",
        "√484        | -     | halved                | DOUBLED_ROOT     | 242    | root root=242                           | halved 4, 8, 4",
        // Nothing is written for the half of 1; what is left goes on.
        "√136        | -     | halved                | DOUBLED_ROOT     | 68     | root root=68                            | halved 13, 16",
        "√12         | -     | halved                | DOUBLED_ROOT     | 6      | root root=6                             | halved 12"})
    void anotherProcedureIsWrittenThroughout(String text, String method, String slip, MethodName followed,
            String answer,
            String lines, String record) {
        Worked worked = Worked.from(new WorkOrder(ProblemText.kept(text), method, HouseStyle.USUAL, null, slip));
        assertThat(worked.answer().text()).isEqualTo(answer);
        assertThat(worked.method()).isEqualTo(followed.id());
        SheetReader paper = new SheetReader(worked);
        for (String line : lines.split(", ")) {
            String[] parts = line.split("[ =]", 3);
            assertThat(paper.read(parts[0], parts[1])).as(line).isEqualTo(parts[2]);
        }
        assertThat(worked.record().inShort(new Words(HouseStyle.USUAL))).isEqualTo(record);
    }

    /** In the one column the rule is broken, in every other it is kept. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        // 745 ÷ 3 with what is left thrown away: 7 → 2, 4 → 1, 5 → 1; at the tens alone 2, then 4 → 1, 15 → 5.
        "745 ÷ 3    | short | left-over-dropped | 1 | 215",
        "745 ÷ 3    | short | left-over-dropped | 0 | 241 r 2",
        "4738 + 1967 | column | carry-forgotten | 1 | 6695",
        "4738 + 1967 | column | carry-forgotten | 3 | 5705",
        // Ten of the 1 is gone to the ones: 8 from 0 is 8, and nothing is taken from the 7.
        "713 − 286  | decomposition | smaller-from-larger | 0 | 433",
        "713 − 286  | decomposition | smaller-from-larger | 1 | 587"})
    void aSlipInOneColumnLeavesTheOthersAsTheyShouldBe(String text, String id, String slip, int place, String answer) {
        Problem problem = ProblemText.kept(text);
        Method<?> method = Methods.find(problem, id, HouseStyle.USUAL);
        Slip hand = Slips.find(slip, problem.operation()).orElseThrow().slip().at(place);
        assertThat(Written.by(hand.over(Hand.CAREFUL), problem, method, HouseStyle.USUAL).answer().text())
                .isEqualTo(answer);
    }

    /** A 0 inside goes to the end, one at the end stays where it is. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"824 ÷ 4 | 260", "8048 ÷ 4 | 2120", "2424040 ÷ 4 | 661000",
        "80080 ÷ 8 | 11000"})
    void aZeroOfTheQuotientIsMovedToItsEnd(String text, String answer) {
        for (String method : List.of("long", "short")) {
            assertThat(Worked.from(new WorkOrder(ProblemText.kept(text), method, HouseStyle.USUAL, null,
                    "quotient-zero-moved")).answer().text()).isEqualTo(answer);
        }
    }

    static Stream<KnownSlip> slips() {
        return Slips.ALL.stream();
    }

    /** Whatever the procedure, its answer is found in one line: there it is read, marked and ringed. */
    @ParameterizedTest
    @MethodSource("slips")
    void everyHandSaysWhereItsAnswerStands(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(300 + slip.id().length());
        for (MethodName name : slip.methods()) {
            for (int i = 0; i < PROBLEMS; i++) {
                Problem problem = EveryMethodTest.problem(slip.operation(), random, 4);
                Written written = Written.asFarAs(slip.slip().over(Hand.CAREFUL), problem, Methods.of(name),
                        HouseStyle.USUAL, false);
                if (written.isFinished()) {
                    Spot stands = written.answerStands();
                    assertThat(stands).as("%s in %s by %s", slip.id(), problem.text(), name).isNotNull();
                    assertThat(written.ink()).as("%s in %s by %s", slip.id(), problem.text(), name)
                            .anyMatch(figure -> figure.at().block().equals(stands.block())
                                    && figure.at().line().equals(stands.line()));
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Limit.class)
    void aLimitedSlipIsFoundByItsNameInItsOwnOperationOnly(Limit limit) {
        KnownSlip known = Slips.find("last-carry-lost", Operation.ADDITION).orElseThrow();
        String id = Rules.limited(known, limit).id();
        assertThat(Rules.isRule(id)).isTrue();
        assertThat(Rules.find(id, Operation.ADDITION)).hasValueSatisfying(
                found -> assertThat(found.label()).isEqualTo(Rules.limited(known, limit).label()));
        assertThat(Slips.find(id)).isPresent();
        assertThat(Stream.of(Operation.values()).filter(each -> each != Operation.ADDITION)
                .flatMap(each -> Rules.find(id, each).stream())).isEmpty();
    }

    @Test
    void aNameThatNoSlipHasIsRefusedWithThoseThatThereAre() {
        assertThatThrownBy(() -> Slips.requireKnown("carry-lost")).isInstanceOf(Refusal.class)
                .hasMessageContaining("There is no slip called “carry-lost”").hasMessageContaining("carry-forgotten");
        assertThatThrownBy(() -> Slips.requireKnown("rule:nothing")).isInstanceOf(Refusal.class);
        Slips.requireKnown(Slips.FACT_NEAR_MISS);
        Slips.ALL.forEach(slip -> Slips.requireKnown(slip.id()));
    }

    @Test
    void whatSomebodyMayHaveIsFoundUnderItsNameInEveryForm() {
        Problem problem = ProblemText.kept("687 + 58");
        assertThat(Slips.metAs("carry-forgotten", problem, MethodName.COLUMN)).extracting(KnownSlip::id)
                .containsExactly("carry-forgotten");
        assertThat(Slips.metAs("root-not-doubled", problem, MethodName.COLUMN)).isEmpty();
        List<KnownSlip> rules = Arrays.stream(Limit.values())
                .map(limit -> Rules.limited(Slips.find("carry-forgotten", Operation.ADDITION).orElseThrow(), limit))
                .toList();
        rules.forEach(rule -> assertThat(Slips.metAs(rule.id(), problem, MethodName.COLUMN)).hasSize(1));
        assertThatThrownBy(() -> Methods.find(problem, "long", HouseStyle.USUAL)).isInstanceOf(Refusal.class)
                .hasMessageContaining("column, running, partial-sums");
    }
}
