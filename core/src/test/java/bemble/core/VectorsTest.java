package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.Vectors;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class VectorsTest {
    static Stream<JsonNode> work() {
        return Vectors.of("work");
    }

    @ParameterizedTest
    @MethodSource("work")
    void theWorkedCasesComeOutAsGiven(JsonNode vector) {
        Problem problem = ProblemText.read(Operation.of(vector.get("operation").asString()), Vectors.operands(vector),
                vector.get("decimals").asInt(), Punctuation.POINT);
        Worked worked = Worked.from(new WorkOrder(problem, vector.get("method").asString(), HouseStyle.USUAL, null));
        JsonNode answer = Vectors.JSON.valueToTree(worked.answer());
        vector.get("answer").properties().forEach(
                field -> assertThat(answer.get(field.getKey())).as(field.getKey()).isEqualTo(field.getValue()));
        JsonNode record = Vectors.JSON.valueToTree(worked.record());
        assertThat(record).isEqualTo(vector.get("record"));
    }
}
