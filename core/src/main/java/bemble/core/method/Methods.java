package bemble.core.method;

import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.core.style.Way;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Finds the method for a problem. */
public final class Methods {
    private static final Map<Way, Method<? extends Problem>> ALL = new EnumMap<>(Way.class);

    static {
        List<Method<? extends Problem>> methods = List.of(
                new ColumnAddition(), new RunningAddition(), new PartialSums(),
                new Decomposition(), new EqualAdditions(), new CountingUp(),
                new LongMultiplication(), new AreaMultiplication(), new CrosswiseMultiplication(), new MatchingColumns(),
                new LongDivision(), new SquareRootByDoubling(), new SquareRootByRunningDivisor());
        methods.forEach(method -> ALL.put(method.way(), method));
    }

    private Methods() {}

    /**
     * The method of that name, or the one of the house style.
     *
     * @param id a method's id, or null for the one of the style
     * @throws Refusal where the operation has no such method
     */
    public static <P extends Problem> Method<P> find(P problem, String id, HouseStyle style) {
        List<Way> ways = Way.of(problem.operation());
        Way way = id == null ? style.way(problem.operation())
                : ways.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow(() ->
                        Refusal.of("method", "“" + id + "” is not a way of working this. Choose one of: "
                                + ways.stream().map(Way::id).collect(Collectors.joining(", ")) + "."));
        return of(way);
    }

    /** The method that follows a way; its problems are those of the way's operation. */
    @SuppressWarnings("unchecked")
    public static <P extends Problem> Method<P> of(Way way) {
        return (Method<P>) ALL.get(way);
    }
}
