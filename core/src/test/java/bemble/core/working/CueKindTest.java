package bemble.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whose cue is said where: a case's before that of its kind. */
class CueKindTest {
    private static List<Step> steps(String problem, String method) {
        return Worked.from(new WorkOrder(ProblemText.kept(problem), method, HouseStyle.USUAL, null)).working().steps();
    }

    @ParameterizedTest
    @CsvSource({"713 − 286, decomposition, 0, difference-exchanged",
        "713 − 286, decomposition, 1, difference-exchanged",
        "713 − 286, decomposition, 2, difference-plain", "758 − 236, decomposition, 0, difference-plain",
        "713 − 286, equal-additions, 0, difference-exchanged", "713 − 286, equal-additions, 2, difference-plain"})
    void aColumnIsTakenAwayPlainlyOrAfterItsExchange(String problem, String method, int place, String first) {
        List<Step> steps = steps(problem, method);
        Step column = steps.stream().filter(step -> step.kind() == StepKind.DIFFERENCE
                && Objects.equals(step.place(), place) && !step.part().id().equals("check")).findFirst().orElseThrow();
        assertThat(CueKind.of(column, steps)).containsExactly(first, "difference");
    }

    @Test
    void aDivisionBeginsOnceAndThenBeginsAgain() {
        List<Step> steps = steps("8412 ÷ 4", "long");
        List<List<String>> cues = steps.stream().filter(step -> step.kind() == StepKind.DIVIDE)
                .map(step -> CueKind.of(step, steps)).toList();
        assertThat(cues.get(0)).containsExactly("divide");
        assertThat(cues.subList(1, 4)).allSatisfy(cue -> assertThat(cue).containsExactly("divide-again", "divide"));
    }

    @Test
    void everyStepHasTheCueOfItsKindAndNoNameIsThereTwice() {
        Map<String, String> labels = new HashMap<>();
        CueKind.ALL.forEach(kind -> assertThat(labels.put(kind.id(), kind.label())).as(kind.id()).isNull());
        for (String problem : List.of("67.4 + 8.95", "4003 − 1258", "386 × 47", "7506 ÷ 25", "√529")) {
            List<Step> steps = steps(problem, null);
            for (Step step : steps) {
                List<String> cues = CueKind.of(step, steps);
                assertThat(cues.get(cues.size() - 1)).isEqualTo(step.kind().id());
                assertThat(labels).containsKeys(cues.toArray(String[]::new));
            }
        }
    }
}
