package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.style.Way;
import bemble.core.working.Pen;

/** Finds a root digit by digit; in a column down the left, the last digit is added to the last divisor. */
final class SquareRootByRunningDivisor implements Method<SquareRoot> {
    @Override
    public Way way() {
        return Way.RUNNING_DIVISOR;
    }

    @Override
    public Outcome write(SquareRoot root, Hand hand, Pen pen) {
        return new RootStages(root, hand, pen, true).write();
    }
}
