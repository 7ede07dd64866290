package bemble.core.diagnosis;

import bemble.core.hand.Decision;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;

/** Slips in the order in which they happen in a working: of setting out first, of the answer's end last. */
public final class WhereItHappens {
    private static final Map<Operation, List<KnownSlip>> FOUND = new ConcurrentHashMap<>();
    private static final int TRIED = 2;
    private static final long SEED = 5;

    private WhereItHappens() {}

    /** All slips of an operation, worked out once from a few questions of each rung. */
    public static List<KnownSlip> inOrder(Operation operation) {
        return FOUND.computeIfAbsent(operation, WhereItHappens::ordered);
    }

    private static List<KnownSlip> ordered(Operation operation) {
        List<Problem> problems = Ladder.of(operation).stream().map(Rung::wishes)
                .flatMap(wishes -> new Draft(wishes, SEED).draw(TRIED).stream()).map(FeaturedProblem::problem).toList();
        Map<KnownSlip, Double> at = new HashMap<>();
        List<KnownSlip> slips = Slips.ALL.stream().filter(slip -> slip.operation() == operation).toList();
        slips.forEach(slip -> at.put(slip, problems.stream().map(problem -> firstBroken(slip, problem))
                .filter(OptionalDouble::isPresent).mapToDouble(OptionalDouble::getAsDouble).average().orElse(1)));
        return slips.stream().sorted(Comparator.comparingDouble(at::get)).toList();
    }

    /** How far into a working the rule is broken first, from 0 to 1; nothing where it is not. */
    private static OptionalDouble firstBroken(KnownSlip slip, Problem problem) {
        Method<?> method = Methods.find(problem, slip.methods().iterator().next().id(), HouseStyle.USUAL);
        return slip.slips(problem).stream().limit(1).mapToDouble(hand -> {
            List<Decision<?>> decisions =
                    Written.asFarAs(hand.over(Hand.CAREFUL), problem, method, HouseStyle.USUAL, false).decisions();
            for (int i = 0; i < decisions.size(); i++) {
                if (decisions.get(i).isBroken()) {
                    return (double) i / decisions.size();
                }
            }
            return Double.NaN;
        }).filter(where -> !Double.isNaN(where)).findFirst();
    }
}
