package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.style.Way;
import bemble.core.working.Pen;

/** Finds a root digit by digit; at every stage the whole root so far is doubled. */
final class SquareRootByDoubling implements Method<SquareRoot> {
    @Override
    public Way way() {
        return Way.DOUBLED_ROOT;
    }

    @Override
    public Outcome write(SquareRoot root, Hand hand, Pen pen) {
        return new RootStages(root, hand, pen, false).write();
    }
}
