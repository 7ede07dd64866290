package bemble.core.method;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The methods there are for each operation, the usual one first. */
public final class Methods {
    private static final Map<Operation, List<Method<? extends Problem>>> ALL = new EnumMap<>(Map.of(
            Operation.ADDITION, List.of(new ColumnAddition())));

    private Methods() {}

    /** The methods of an operation, the usual one first; empty where it cannot be worked yet. */
    public static List<Method<? extends Problem>> of(Operation operation) {
        return ALL.getOrDefault(operation, List.of());
    }

    /**
     * The method of that name, or the usual one.
     *
     * @param id a method's id, or null for the usual one
     * @throws Refusal where the operation has no such method
     */
    @SuppressWarnings("unchecked")
    public static <P extends Problem> Method<P> find(P problem, String id) {
        List<Method<? extends Problem>> methods = of(problem.operation());
        if (methods.isEmpty()) {
            throw Refusal.of("problem", "Bemble reads this as " + problem.operation().id().replace('-', ' ')
                    + ", which it cannot work yet. Type an addition, like 4738 + 1967.");
        }
        return (Method<P>) methods.stream().filter(method -> id == null || method.id().equals(id)).findFirst()
                .orElseThrow(() -> Refusal.of("method", "“" + id + "” is not a way of working this. Choose one of: "
                        + methods.stream().map(Method::id).collect(Collectors.joining(", ")) + "."));
    }
}
