package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Problem;
import bemble.core.working.Pen;

/** A school's procedure for one operation, written the way its teacher would instruct it. */
public interface Method<P extends Problem> {
    /** The name used in files and in the API, such as {@code column}. */
    String id();

    /** What a teacher calls it. */
    String label();

    /**
     * Writes the working.
     *
     * @param hand decides what is written
     * @param pen writes it
     */
    Outcome write(P problem, Hand hand, Pen pen);
}
