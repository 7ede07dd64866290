package bemble.server.diagnosis;

import bemble.core.order.WorkOrder;
import bemble.core.problem.Operation;
import bemble.server.limits.Limits;
import bemble.server.load.Cost;
import bemble.server.load.CostlyRequest;
import bemble.server.work.WorkRequest;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An answer that somebody gave to a problem.
 *
 * @param given as it was written: {@code 3152}, {@code 63 r 6}
 * @param slips one or two slips whose working is wanted first, as the writer's other answers tell; may be left out
 */
public record DiagnoseRequest(
        @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") @Nullable String problem,
        @Nullable Operation operation,
        @Size(max = Limits.OPERANDS, message = "These are more numbers than go on one paper.") @Nullable List<String> operands,
        @Nullable Integer decimals,
        @Nullable String method,
        @Size(max = Limits.CHOICES, message = "These are more choices than a house style has.") @Nullable Map<String, String> style,
        @NotBlank(message = "Say which answer was given, such as 3152 or 63 r 6.") @Size(max = Limits.ANSWER_LETTERS, message = "This answer is too long to be one number.") String given,
        @Size(max = Limits.SLIPS_TOGETHER, message = "Two slips go together at most.") @Nullable List<String> slips)
        implements CostlyRequest {
    private static final int HANDS = 3;

    /** What all known hands come to is worked out. */
    @Override
    public int cost() {
        return 1 + HANDS * Cost.ofProblem(problem, operation, operands, decimals);
    }

    WorkOrder order() {
        return new WorkRequest(problem, operation, operands, decimals, method, style, null, null, null, null).order();
    }
}
