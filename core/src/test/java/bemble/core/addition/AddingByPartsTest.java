package bemble.core.addition;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.SheetReader;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Additions place by place and two at a time, each number on the way held against plain arithmetic. */
class AddingByPartsTest {
    private static final int ROUNDS = 400;

    private static Worked work(Problem problem, String method, String parts) {
        return Worked.from(new WorkOrder(problem, method, HouseStyle.USUAL.with(Map.of("partSums", parts)), null));
    }

    private static List<String> said(String problem, String method, String parts) {
        return work(ProblemText.kept(problem), method, parts).working().steps().stream()
                .filter(step -> step.part().id().equals("work")).map(Step::spoken).map(spoken -> spoken.say()).toList();
    }

    private static Problem drawn(RandomGenerator random) {
        List<Numeral> addends = new ArrayList<>();
        for (int i = 2 + random.nextInt(4); i > 0; i--) {
            addends.add(RandomNumbers.decimal(random, 9));
        }
        return new Problem.Addition(addends);
    }

    private static BigDecimal sum(Problem problem) {
        return problem.operands().stream().map(Numeral::value).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @ParameterizedTest
    @ValueSource(strings = {"columns", "jotted", "in-the-head"})
    void everyPartIsWhatItsPlaceIsWorthAndTogetherTheyAreTheSum(String parts) {
        RandomGenerator random = RandomNumbers.seeded(7);
        for (int i = 0; i < ROUNDS; i++) {
            Problem problem = drawn(random);
            Worked worked = work(problem, "partial-sums", parts);
            PartialSumsRecord record = (PartialSumsRecord) worked.record();
            BigDecimal together = BigDecimal.ZERO;
            int place = problem.operands().stream().mapToInt(Numeral::highest).max().orElseThrow();
            for (PartialSum part : record.parts()) {
                int here = place;
                assertThat(part.place()).as(problem.text()).isEqualTo(here);
                assertThat(part.digits()).as(problem.text()).isEqualTo(problem.operands().stream()
                        .filter(number -> number.has(here)).map(number -> number.digit(here)).toList());
                assertThat(new BigDecimal(part.value())).as(problem.text()).isEqualByComparingTo(BigDecimal
                        .valueOf(part.digits().stream().mapToInt(Integer::intValue).sum()).scaleByPowerOfTen(here));
                together = together.add(new BigDecimal(part.value()));
                place--;
            }
            assertThat(place).isEqualTo(problem.operands().stream().mapToInt(Numeral::lowest).min().orElseThrow() - 1);
            assertThat(together).as(problem.text()).isEqualByComparingTo(sum(problem));
            assertThat(new BigDecimal(worked.answer().value())).as(problem.text()).isEqualByComparingTo(together);
        }
    }

    @Test
    void ofTotalsJottedEveryLineIsWhatIsThereSoFar() {
        RandomGenerator random = RandomNumbers.seeded(8);
        for (int i = 0; i < ROUNDS; i++) {
            Problem problem = drawn(random);
            Worked worked = work(problem, "partial-sums", "jotted");
            List<PartialSum> parts = ((PartialSumsRecord) worked.record()).parts();
            BigDecimal soFar = BigDecimal.ZERO;
            SheetReader reader = new SheetReader(worked);
            for (int n = 0; n < parts.size(); n++) {
                soFar = soFar.add(new BigDecimal(parts.get(n).value()));
                String line = n == parts.size() - 1 && n > 0 ? "answer" : "addend-" + (n + 1);
                assertThat(new BigDecimal(reader.read("parts", line))).as(problem.text() + ", " + line)
                        .isEqualByComparingTo(soFar);
            }
        }
    }

    @Test
    void inTheHeadNothingIsWrittenButTheSum() {
        Worked worked = work(ProblemText.kept("568 + 374"), "partial-sums", "in-the-head");
        SheetReader reader = new SheetReader(worked);
        assertThat(reader.read("parts", "addend-1") + reader.read("parts", "addend-2")).isEmpty();
        assertThat(reader.read("parts", "answer")).isEqualTo("942");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "568 + 374 | columns | Hundreds: 5 hundreds and 3 hundreds are 8 hundreds. Write 800.",
        "568 + 4 | columns | Hundreds: only 5 hundreds. Write 500.",
        "568 + 374 | in-the-head | Hundreds: 5 hundreds and 3 hundreds are 8 hundreds: keep 800 in mind.",
        "568 + 374 | jotted | Hundreds: 5 hundreds and 3 hundreds are 8 hundreds. Write 800.",
        "568 + 374 | jotted | Tens: 6 tens and 7 tens are 13 tens, 130. 800 and 130 are 930: write 930.",
        "568 + 374 | in-the-head | Tens: 6 tens and 7 tens are 13 tens, 130. 800 and 130 are 930.",
        "500 + 301 | jotted | Tens: 0 tens and 0 tens are 0 tens, 0. 800 and 0 are 800: write 800."})
    void whatIsWrittenAndWhatIsKeptIsSaid(String problem, String parts, String sentence) {
        assertThat(said(problem, "partial-sums", parts)).anySatisfy(say -> assertThat(say).contains(sentence));
    }

    @Test
    void twoAtATimeEverySumIsTheOneBeforeAndTheNextNumber() {
        RandomGenerator random = RandomNumbers.seeded(9);
        for (int i = 0; i < ROUNDS; i++) {
            Problem problem = drawn(random);
            RunningRecord record = (RunningRecord) work(problem, "running", "columns").record();
            assertThat(record.stages()).hasSize(problem.operands().size() - 1);
            BigDecimal soFar = problem.operands().get(0).value();
            for (int n = 0; n < record.stages().size(); n++) {
                RunningStage stage = record.stages().get(n);
                BigDecimal next = problem.operands().get(n + 1).value();
                assertThat(stage.addends().stream().map(BigDecimal::new).toList()).as(problem.text())
                        .usingElementComparator(BigDecimal::compareTo).containsExactly(soFar, next);
                soFar = soFar.add(next);
                assertThat(new BigDecimal(stage.sum())).as(problem.text()).isEqualByComparingTo(soFar);
            }
        }
    }
}
