package bemble.core.hand;

import bemble.core.problem.Numeral;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;

/** Takes the figures that an answer leaves on the paper. */
@FunctionalInterface
public interface Ink {
    void put(Figure figure);

    /** One full-size digit, or a number written into one square. */
    default void digit(Spot at, int digit, Role role) {
        put(new Figure(MarkKind.DIGIT, at, null, Integer.toString(digit), role, Size.FULL, Anchor.MIDDLE, false));
    }

    /** A small figure. */
    default void small(Spot at, String figure, Role role, Anchor anchor) {
        put(new Figure(MarkKind.DIGIT, at, null, figure, role, Size.SMALL, anchor, false));
    }

    /** The digits of a number, each in its place, the last in {@code lowest}. */
    default void digits(Block block, Line line, Numeral number, int lowest, Role role) {
        for (int i = number.length() - 1; i >= 0; i--) {
            digit(block.at(line, lowest + i), number.digit(number.lowest() + i), role);
        }
    }

    /** A whole number as one mark over the squares from the first to the last. */
    default void number(Spot first, Spot last, String text, Role role, Size size) {
        put(new Figure(MarkKind.NUMBER, first, last, text, role, size, Anchor.MIDDLE, false));
    }

    /** A stroke through what stands at that spot; its text is the figure it strikes. */
    default void strike(Spot at, String struck, Role role, Size size, Anchor anchor) {
        put(new Figure(MarkKind.STRIKE, at, null, struck, role, size, anchor, false));
    }

    /** The point after the ones of a line. */
    default void point(Block block, Line line, char sign, Role role) {
        point(block, line, 0, sign, role);
    }

    /** A point after a place of a line. */
    default void point(Block block, Line line, int place, char sign, Role role) {
        put(new Figure(MarkKind.POINT, block.at(line, place), null, String.valueOf(sign), role, Size.FULL, Anchor.AFTER,
                false));
    }
}
