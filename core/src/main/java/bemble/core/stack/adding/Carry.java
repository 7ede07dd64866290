package bemble.core.stack.adding;

import bemble.core.hand.Desk;
import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import java.util.function.IntSupplier;
import org.jspecify.annotations.Nullable;

/**
 * What is carried out of a column that is not the last.
 *
 * @param spots where it is written, or null where it is kept in the head
 * @param place the column it comes from
 * @param next the column of the square it is written in
 * @param carryIn how many of the total were carried in
 * @param there how much was carried into that square before, out of another column
 * @param ofProduct whether it is a row of products, not a sum
 */
public record Carry(@Nullable CarrySpots spots, int place, int next, int total, int carryIn, int there,
        boolean ofProduct) implements Question<Integer> {
    /**
     * Writes a column's digit and what it carries, in the order in which this house writes them.
     *
     * @param carry writes what is carried, and says how much that is
     * @return what is carried
     */
    public static int written(Desk desk, Runnable digit, IntSupplier carry) {
        if (desk.style().writesCarryBeforeDigit()) {
            int carried = carry.getAsInt();
            digit.run();
            return carried;
        }
        digit.run();
        return carry.getAsInt();
    }

    @Override
    public Integer careful() {
        return total / 10;
    }

    @Override
    public void ink(Integer carry, Ink ink) {
        if (carry > 0 && spots != null) {
            ink.small(spots.at(next), Integer.toString(carry), Role.CARRY, spots.anchor());
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        Integer stands = spots == null ? null : paper.number(spots.at(next), spots.anchor());
        return stands == null ? null : Math.max(0, stands - there);
    }
}
