package bemble.core.root;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.style.MethodName;

/** Finds a root digit by digit; at every stage the whole root so far is doubled. */
public final class SquareRootByDoubling implements Method<SquareRoot> {
    @Override
    public MethodName name() {
        return MethodName.DOUBLED_ROOT;
    }

    @Override
    public Outcome write(SquareRoot root, Desk desk) {
        return new RootStages(root, desk, false).write();
    }
}
