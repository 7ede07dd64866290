package bemble.server.work;

import bemble.core.order.WorkOrder;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.limits.Limits;
import bemble.server.load.Cost;
import bemble.server.load.CostlyRequest;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What to work: a problem as typed text, in the style's punctuation, or an operation with operands in plain digits.
 *
 * @param decimals how many decimals a root is worked to
 * @param slip the name of a slip to write it with
 * @param with the name of a second slip, made beside the first
 * @param typedPoint the point that the problem was typed with, as the style chooses it, where it is another than the style's
 * @param style the choices that differ from the usual house style
 */
public record WorkRequest(
        @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") @Nullable String problem,
        @Nullable Operation operation,
        @Size(max = Limits.OPERANDS, message = "These are more numbers than go on one paper.") @Nullable List<String> operands,
        @Nullable Integer decimals,
        @Nullable String method,
        @Size(max = Limits.CHOICES, message = "These are more choices than a house style has.") @Nullable Map<String, String> style,
        @Nullable String check,
        @Nullable String slip,
        @Nullable String with,
        @Nullable String typedPoint) implements CostlyRequest {
    @Override
    public int cost() {
        return Cost.ofProblem(problem, operation, operands, decimals);
    }

    /** @throws Refusal where the request cannot be worked */
    public WorkOrder order() {
        HouseStyle houseStyle = houseStyle();
        return new WorkOrder(problem(houseStyle), method, houseStyle, check, slip, with);
    }

    /** The letter by which what is sought is named in what was typed. */
    Optional<String> sought() {
        return problem == null ? Optional.empty() : ProblemText.sought(problem);
    }

    /** The request that asks for this again, whatever the punctuation of its style. */
    public static WorkRequest again(Problem problem, @Nullable String method, @Nullable Map<String, String> style,
            @Nullable String check) {
        return new WorkRequest(null, problem.operation(), problem.plainOperands(),
                problem.decimals(), method, style, check, null, null, null);
    }

    private HouseStyle houseStyle() {
        Map<String, String> choices = style == null ? Map.of() : style;
        choices.forEach((choice, option) -> {
            if (option == null) {
                throw Refusal.of("style." + choice,
                        "Nothing is chosen here. Choose an option or leave the choice out.");
            }
        });
        return HouseStyle.USUAL.with(choices);
    }

    private Problem problem(HouseStyle houseStyle) {
        int places = decimals == null ? 0 : decimals;
        if (problem != null) {
            HouseStyle typed = typedPoint == null ? houseStyle : houseStyle.with(Map.of("point", typedPoint));
            return ProblemText.read(problem, places, typed.point().punctuation());
        }
        if (operation == null) {
            throw Refusal.of("problem", "Type a problem, like 4738 + 1967.");
        }
        List<String> texts = operands == null ? List.of()
                : operands.stream().map(text -> Objects.requireNonNullElse(text, "")).toList();
        return ProblemText.read(operation, texts, places, Punctuation.POINT);
    }
}
