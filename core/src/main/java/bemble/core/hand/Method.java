package bemble.core.hand;

import bemble.core.problem.Problem;
import bemble.core.style.MethodName;

/** A school's procedure for one operation, written the way its teacher would instruct it. */
public interface Method<P extends Problem> {
    MethodName name();

    /**
     * Writes the working.
     *
     * @param desk asks the hand for every decision, and keeps it
     * @throws Stuck where the hand cannot go on
     */
    Outcome write(P problem, Desk desk);
}
