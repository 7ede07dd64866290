package bemble.core.sheet;

import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import org.jspecify.annotations.Nullable;

/**
 * A mark laid out in squares.
 *
 * @param row the square's row from the top, from 0
 * @param column the square's column from the left, from 0
 * @param toRow the row of the other end of a rule or line, or null
 * @param toColumn the column of the other end, or null
 */
public record SheetMark(Mark mark, int row, int column, @Nullable Integer toRow, @Nullable Integer toColumn) {
    /** The row of its other end, or its own. */
    public int lastRow() {
        return toRow == null ? row : toRow;
    }

    /** The column of its other end, or its own. */
    public int lastColumn() {
        return toColumn == null ? column : toColumn;
    }

    public int step() {
        return mark.step();
    }

    public @Nullable Integer until() {
        return mark.until();
    }

    /** Whether it stands on the paper once that step is written. */
    public boolean standsAfter(int step) {
        Integer until = until();
        return step() <= step && (until == null || until > step);
    }

    public MarkKind kind() {
        return mark.kind();
    }

    public Role role() {
        return mark.role();
    }

    public Size size() {
        return mark.size();
    }

    public Anchor anchor() {
        return mark.anchor();
    }

    public String text() {
        return mark.text();
    }

    /** The name of the block it belongs to. */
    public BlockName block() {
        return mark.at().block().name();
    }

    public Line line() {
        return mark.at().line();
    }

    public int place() {
        return mark.at().place();
    }
}
