package bemble.core.marking.paper;

import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import org.jspecify.annotations.Nullable;

/**
 * A figure as it stands on somebody's paper.
 *
 * @param block the name of the block it stands in
 * @param line the line of that block
 * @param place the column, as a power of ten
 * @param anchor the part of the square, or null where only one figure can stand there
 * @param kind a digit, a number over several squares, or a stroke
 * @param text what is written; of a stroke the figure it strikes, or nothing; {@link #UNCLEAR} where
 *     nobody can read it
 */
public record PaperFigure(BlockName block, Line line, int place, @Nullable Anchor anchor, MarkKind kind, String text) {
    /** The text of a figure that nobody can read. */
    public static final String UNCLEAR = "?";

    /** The same figure, read as one of another line. */
    public PaperFigure withLine(Line other) {
        return new PaperFigure(block, other, place, anchor, kind, text);
    }

    /** The same figure, read as one of another block. */
    PaperFigure withBlock(BlockName other) {
        return new PaperFigure(other, line, place, anchor, kind, text);
    }

    /** Whether it stands in the middle of its square, as the figures of numbers do. */
    public boolean isInMiddle() {
        return anchor == null || anchor == Anchor.MIDDLE;
    }

    public boolean isStroke() {
        return kind == MarkKind.STRIKE;
    }

    /** Whether it says what a mark says; of a number the digits alone count, whatever stands round or between them. */
    public boolean says(String other) {
        return text.equals(other)
                || kind == MarkKind.NUMBER && !text.isEmpty() && text.equals(other.replaceAll("[^0-9]", ""));
    }

    public boolean isUnclear() {
        return text.equals(UNCLEAR);
    }
}
