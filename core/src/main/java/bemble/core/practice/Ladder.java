package bemble.core.practice;

import bemble.core.practice.features.Features;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * For each operation a ladder of small steps, each adding one thing to what came before: 46 + 27 stands on “one carry”, the
 * second of addition.
 */
public final class Ladder {
    private static final Map<Operation, List<Rung>> RUNGS = Arrays.stream(Operation.values())
            .collect(Collectors.toMap(operation -> operation, LadderRungs::of));
    private static final List<Rung> ALL =
            Arrays.stream(Operation.values()).map(RUNGS::get).flatMap(List::stream).toList();
    private static final Map<String, Rung> BY_ID = ALL.stream().collect(Collectors.toMap(Rung::id, rung -> rung));

    private Ladder() {}

    /** The rungs of an operation, the easiest first. */
    public static List<Rung> of(Operation operation) {
        return Objects.requireNonNull(RUNGS.get(operation));
    }

    /** All rungs, operation by operation. */
    public static List<Rung> all() {
        return ALL;
    }

    /** The rung of that id, whatever its operation. */
    public static Optional<Rung> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    /**
     * The rung that a problem stands on: the last that holds such questions. Nothing where none does: facts such as 7 × 8, numbers
     * with a point, a divisor of three digits.
     */
    public static Optional<Rung> rungOf(Problem problem) {
        boolean whole = problem.operands().stream().allMatch(operand -> operand.decimals() == 0);
        return whole ? rungOf(Features.of(problem)) : Optional.empty();
    }

    /** The same of a problem in whole numbers, by its features. */
    public static Optional<Rung> rungOf(Features features) {
        return of(features.operation()).stream().filter(rung -> rung.holds().allow(features))
                .reduce((lower, higher) -> higher);
    }
}
