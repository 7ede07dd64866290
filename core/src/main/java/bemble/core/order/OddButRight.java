package bemble.core.order;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem;
import bemble.core.sheet.Sheet;
import bemble.core.style.MethodName;
import bemble.core.style.carry.CarryPlace;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Another way to write a problem that looks odd to those used to one way, and is right.
 *
 * @param label what the hand does, to follow “the hand …”
 */
public record OddButRight(String label, WorkOrder order) {
    /** What there is for a problem that is worked so. */
    public static List<OddButRight> of(WorkOrder order) {
        List<OddButRight> odd = new ArrayList<>();
        Problem problem = order.problem();
        String method = order.method() == null ? order.style().method(problem.operation()).id() : order.method();
        for (MethodName other : MethodName.of(problem.operation())) {
            if (!other.id().equals(method)) {
                odd.add(new OddButRight("works it by another method: " + other.label(),
                        new WorkOrder(problem, other.id(), order.style(), order.check())));
            }
        }
        boolean carries = problem.operation() == Operation.ADDITION || problem.operation() == Operation.MULTIPLICATION;
        for (CarryPlace place : CarryPlace.values()) {
            if (carries && place != order.style().carryPlace()) {
                odd.add(new OddButRight("writes the carries " + place.label(), new WorkOrder(problem, method,
                        order.style().with("carryPlace", place), order.check())));
            }
        }
        turned(problem).ifPresent(other -> odd.add(new OddButRight("sets the numbers out in the other order",
                new WorkOrder(other, method, order.style().keepingOrder(), order.check()))));
        Sheet usual = Worked.from(order.withCare()).sheet();
        odd.removeIf(each -> Worked.from(each.order()).sheet().equals(usual));
        return odd;
    }

    /** The same numbers in the other order, where that is the same sum and not the same paper. */
    private static Optional<Problem> turned(Problem problem) {
        List<Numeral> other = new ArrayList<>(problem.operands());
        Collections.reverse(other);
        if (other.equals(problem.operands())) {
            return Optional.empty();
        }
        return switch (problem.operation()) {
            case ADDITION -> Optional.of(new Addition(other));
            case MULTIPLICATION -> Optional.of(new Multiplication(other.get(0), other.get(1)));
            default -> Optional.empty();
        };
    }
}
