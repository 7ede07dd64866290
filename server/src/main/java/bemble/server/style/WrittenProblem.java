package bemble.server.style;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A kept problem: what it is, and how it is shown to whoever looks.
 *
 * @param operands in plain digits with a point; with the operation and the decimals they say which problem it is
 * @param decimals how many a root is worked to
 * @param text the line that is kept, numbers with a point
 * @param written the line as it is written in the house style of whoever looks
 */
public record WrittenProblem(@NotNull Operation operation, @NotNull List<String> operands, @NotNull int decimals,
        @NotNull String text, @NotNull String written) {
    public static WrittenProblem of(Problem problem, HouseStyle style) {
        return new WrittenProblem(problem.operation(), problem.plainOperands(),
                problem.decimals(), problem.text(), style.problem(problem));
    }
}
