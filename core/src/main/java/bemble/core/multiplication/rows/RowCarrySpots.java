package bemble.core.multiplication.rows;

import bemble.core.hand.Desk;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import org.jspecify.annotations.Nullable;

/**
 * Where the carries of a product's rows stand: where those of a sum would, as far as there is such a place.
 *
 * @param block the product
 */
record RowCarrySpots(Block block, Desk desk) {
    /**
     * The place of one row's carries; null where they are kept in the head. Above, each row's stand higher than the last; on the rule,
     * the first row's stand on the rule under the multiplier, the others' under the lower rule.
     *
     * @param row which row it is, the ones' the first
     * @param line the line of the row
     * @param before where the carries of the row written before stand, or null for the first
     */
    @Nullable
    CarrySpots of(int row, Line line, @Nullable CarrySpots before) {
        if (!desk.style().writesRowCarries()) {
            return null;
        }
        Line carries = Line.of(Line.Kind.ROW_CARRIES, row);
        return switch (desk.style().carryPlace()) {
            case ABOVE_NEXT -> above(before == null ? ProductPaper.TOP : before.line(), carries);
            case ON_THE_RULE -> before == null ? above(line, carries) : under(carries);
            case UNDER_ANSWER -> under(carries);
            // At the foot of the last row stand those of the sum.
            case FOOT_OF_NEXT -> new CarrySpots(block, line, Anchor.BEFORE_HIGH);
            case BEFORE_NEXT_DIGIT -> new CarrySpots(block, line, Anchor.BEFORE_LOW);
        };
    }

    private CarrySpots above(Line line, Line carries) {
        block.lineAbove(line, carries);
        return new CarrySpots(block, carries, Anchor.LOW);
    }

    private CarrySpots under(Line carries) {
        return new CarrySpots(block.line(carries), carries, Anchor.HIGH);
    }

    /** Whether they stand in a line of their own, not in the row. */
    static boolean haveTheirLine(CarrySpots spots) {
        return spots.line().is(Line.Kind.ROW_CARRIES);
    }

    /** Whether they stand below the rows, with the lower rule above them. */
    static boolean areBelow(CarryPlace place, CarrySpots spots) {
        return place == CarryPlace.ON_THE_RULE && spots.anchor() == Anchor.HIGH;
    }
}
