package bemble.core.multiplication.rows;

import bemble.core.hand.Desk;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.working.Block;
import bemble.core.working.StepKind;
import org.jspecify.annotations.Nullable;

/** What a column of products carries into the next. */
public final class ProductCarry {
    private ProductCarry() {}

    /**
     * Decides and writes it.
     *
     * @param carries where it is written, or null where it is kept in the head
     * @param total what the column comes to
     * @param carryIn how much of it was carried in
     * @return what is carried out, 0 or more
     */
    public static int write(Block block, @Nullable CarrySpots carries, int place, int total, int carryIn, Desk desk) {
        int carry = desk.ask(new Carry(carries, place, place + 1, total, carryIn, 0, true));
        if (carry > 0) {
            desk.figureOfLast(StepKind.CARRY, block, place, RowWords::carry);
        }
        return carry;
    }
}
