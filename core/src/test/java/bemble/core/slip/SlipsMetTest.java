package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.Vectors;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The slips that teachers meet: each has a hand that makes it. */
class SlipsMetTest {
    /** Some multiply by the second number as it is given, even where it is the larger. */
    private static final HouseStyle KEPT = HouseStyle.USUAL.keepingOrder();

    static Stream<JsonNode> vectors() {
        return Vectors.in("slips-met", "slips");
    }

    @ParameterizedTest
    @MethodSource("vectors")
    void someHandComesToTheAnswerThatWasMet(JsonNode vector) {
        Problem problem = ProblemText.kept(vector.get("problem").asString());
        MethodName method = MethodName.of(problem.operation()).stream()
                .filter(name -> name.id().equals(vector.get("method").asString())).findFirst().orElseThrow();
        List<String> makers = Slips.met(problem, method).stream().filter(slip -> slip.slips(problem).stream()
                .anyMatch(each -> Stream.of(HouseStyle.USUAL, KEPT)
                        .anyMatch(style -> Slipped.answer(each, problem, Methods.of(method), style).stream()
                                .anyMatch(vector.get("given").asString()::equals))))
                .map(KnownSlip::id).toList();
        assertThat(makers).as(vector.toString()).isNotEmpty();
    }

    @Test
    void everyOperationHasAsManyAsTeachersMeet() {
        Map<Operation, Long> counts = new TreeMap<>();
        Slips.ALL.stream().filter(slip -> slip.methods().contains(MethodName.of(slip.operation()).get(0))
                || slip.methods().contains(MethodName.SHORT_DIVISION))
                .forEach(slip -> counts.merge(slip.operation(), 1L, Long::sum));
        assertThat(counts.get(Operation.SQUARE_ROOT)).isGreaterThanOrEqualTo(8);
        counts.remove(Operation.SQUARE_ROOT);
        assertThat(counts.values()).hasSize(4).allMatch(count -> count >= 20);
    }
}
