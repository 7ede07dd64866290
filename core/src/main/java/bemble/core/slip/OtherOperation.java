package bemble.core.slip;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Stuck;
import bemble.core.method.Methods;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.MethodName;

/** The numbers of a problem worked by another operation than was asked for, in its usual way. */
final class OtherOperation implements Method<Problem> {
    private final Problem other;
    private final Method<Problem> method;

    @SuppressWarnings("unchecked")
    private OtherOperation(Problem other) {
        this.other = other;
        this.method = (Method<Problem>) Methods.usual(other);
    }

    /** @throws Stuck where the numbers of a problem cannot be worked so */
    static Method<?> of(Problem asked, Operation operation) {
        if (asked.operands().size() != 2 || !asked.operands().stream().allMatch(Numeral::isWhole)) {
            throw new Stuck("there are not two whole numbers");
        }
        Numeral one = asked.operands().get(0);
        Numeral two = asked.operands().get(1);
        boolean turned = one.compareTo(two) < 0;
        return new OtherOperation(switch (operation) {
            case ADDITION -> new Problem.Addition(asked.operands());
            case SUBTRACTION -> new Problem.Subtraction(turned ? two : one, turned ? one : two);
            case MULTIPLICATION -> new Problem.Multiplication(one, two);
            case DIVISION, SQUARE_ROOT -> throw new Stuck("nobody takes one for this");
        });
    }

    @Override
    public MethodName name() {
        return method.name();
    }

    @Override
    public Outcome write(Problem asked, Desk desk) {
        return method.write(other, desk);
    }
}
