package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Problem;
import bemble.core.style.Way;
import bemble.core.working.Pen;

/** A school's procedure for one operation, written the way its teacher would instruct it. */
public interface Method<P extends Problem> {
    /** Which of the ways of working an operation it is. */
    Way way();

    /**
     * Writes the working.
     *
     * @param hand decides what is written
     * @param pen writes it
     */
    Outcome write(P problem, Hand hand, Pen pen);
}
