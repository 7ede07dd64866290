package bemble.core.stack.adding;

import bemble.core.hand.Desk;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;

/**
 * Where one sum's carries are written.
 *
 * @param block the sum
 * @param line the line that takes them
 * @param anchor the part of the square they take
 */
public record CarrySpots(Block block, Line line, Anchor anchor) {
    /** The place that a style gives to the carries of a stack with these lines. */
    public static CarrySpots of(CarryPlace where, Block block, Line lastAddend) {
        return switch (where) {
            case ABOVE_NEXT -> new CarrySpots(block, Line.CARRIES, Anchor.LOW);
            case FOOT_OF_NEXT -> new CarrySpots(block, lastAddend, Anchor.BEFORE_LOW);
            case ON_THE_RULE -> new CarrySpots(block, Line.ON_RULE, Anchor.LOW);
            case UNDER_ANSWER -> new CarrySpots(block, Line.UNDER, Anchor.HIGH);
            case BEFORE_NEXT_DIGIT -> new CarrySpots(block, Line.ANSWER, Anchor.BEFORE_LOW);
        };
    }

    /** Where the carry into a column stands. */
    public Spot at(int place) {
        return block.at(line, place);
    }

    /** Strikes a carry out that has been used. */
    public void strike(int place, int carry, Desk desk) {
        desk.draw(MarkKind.STRIKE, at(place), null, Integer.toString(carry), Role.CARRY, Size.SMALL, anchor);
    }
}
