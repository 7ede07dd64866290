package bemble.core.scan;

import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import org.jspecify.annotations.Nullable;

/**
 * A square, or the part of one, that a figure may stand in on a printed page; measures in millimetres from the page's upper left.
 *
 * @param anchor the part of the square where a small figure goes; null where a figure fills it
 * @param given the figure that is printed there, or null; then only whether it is struck out is read
 * @param answer whether it is one of those that the answer is read from
 * @param x its middle
 * @param y its middle
 * @param side how wide what is read is: of a small figure the part of the square that it has for itself
 */
public record ReadSquare(int question, BlockName block, Line line, int place, @Nullable Anchor anchor,
        @Nullable String given, boolean answer, double x, double y, double side) {
    /** How wide the part of a square is that a small figure has, in sides. */
    public static final double SMALL = 0.6;

    public boolean isSmall() {
        return anchor != null;
    }
}
