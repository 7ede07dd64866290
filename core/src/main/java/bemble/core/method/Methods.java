package bemble.core.method;

import bemble.core.addition.ColumnAddition;
import bemble.core.addition.PartialSums;
import bemble.core.addition.RunningAddition;
import bemble.core.division.chunks.PartialQuotients;
import bemble.core.division.digits.LongDivision;
import bemble.core.division.digits.ShortDivision;
import bemble.core.hand.Method;
import bemble.core.multiplication.box.AreaMultiplication;
import bemble.core.multiplication.crosswise.CrosswiseMultiplication;
import bemble.core.multiplication.rows.LongMultiplication;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.root.SquareRootByDoubling;
import bemble.core.root.SquareRootByRunningDivisor;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.counting.CountingUp;
import bemble.core.subtraction.equal.EqualAdditions;
import bemble.core.subtraction.exchange.Decomposition;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Finds the method for a problem: for 687 + 58 and no id it is the one of the style, {@code COLUMN} as a rule. */
public final class Methods {
    private static final List<Method<? extends Problem>> ALL = List.of(
            new ColumnAddition(), new RunningAddition(), new PartialSums(),
            new Decomposition(), new EqualAdditions(), new CountingUp(),
            new LongMultiplication(), new AreaMultiplication(), new CrosswiseMultiplication(),
            new LongDivision(), new ShortDivision(), new PartialQuotients(),
            new SquareRootByDoubling(), new SquareRootByRunningDivisor());
    private static final Map<MethodName, Method<? extends Problem>> BY_NAME = new EnumMap<>(MethodName.class);

    static {
        ALL.forEach(method -> BY_NAME.put(method.name(), method));
    }

    private Methods() {}

    /**
     * The method of that name, or the one of the house style.
     *
     * @param id a method's id, or null for the one of the style
     * @throws Refusal where the operation has no such method
     */
    public static Method<?> find(Problem problem, @Nullable String id, HouseStyle style) {
        if (id == null) {
            return of(style.method(problem.operation()));
        }
        List<MethodName> names = MethodName.of(problem.operation());
        return of(names.stream().filter(each -> each.id().equals(id)).findFirst()
                .orElseThrow(() -> Refusal.of("method", "“" + id + "” is not a way of working this. Choose one of: "
                        + names.stream().map(MethodName::id).collect(Collectors.joining(", ")) + ".")));
    }

    public static Method<?> of(MethodName name) {
        return Objects.requireNonNull(BY_NAME.get(name), name.id());
    }

    /** The method that an operation is worked by where nothing else is said. */
    public static Method<?> usual(Problem problem) {
        return of(MethodName.of(problem.operation()).get(0));
    }
}
