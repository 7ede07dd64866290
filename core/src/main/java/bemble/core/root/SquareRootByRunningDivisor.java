package bemble.core.root;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.style.MethodName;

/** Finds a root digit by digit; in a column down the left, the last digit is added to the last divisor. */
public final class SquareRootByRunningDivisor implements Method<SquareRoot> {
    @Override
    public MethodName name() {
        return MethodName.RUNNING_DIVISOR;
    }

    @Override
    public Outcome write(SquareRoot root, Desk desk) {
        return new RootStages(root, desk, true).write();
    }
}
