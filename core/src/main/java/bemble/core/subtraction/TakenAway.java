package bemble.core.subtraction;

import bemble.core.hand.Desk;
import bemble.core.hand.Outcome;
import bemble.core.stack.Placed;
import bemble.core.subtraction.column.SubtractionPaper;
import bemble.core.subtraction.exchange.Decomposition;
import bemble.core.working.Block;
import bemble.core.working.Line;

/** Taking one number from another by exchange, wherever both stand: for procedures that are not a subtraction's own. */
public final class TakenAway {
    private TakenAway() {}

    /**
     * Writes the difference into the answer line of a block.
     *
     * @param line the line in which the larger number stands
     */
    public static Outcome byExchange(Block block, Line line, Placed larger, Placed smaller, Desk desk) {
        return Decomposition.write(new SubtractionPaper(block, line, larger, smaller, desk), desk);
    }
}
