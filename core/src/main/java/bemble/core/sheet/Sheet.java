package bemble.core.sheet;

import java.util.List;

/**
 * The paper in squares, with everything that is ever on it.
 *
 * @param work the part of it that the work takes, before the check begins
 */
public record Sheet(int rows, int columns, Area work, List<SheetMark> marks) {
    public Sheet {
        marks = List.copyOf(marks);
    }

    /** A rectangle of squares. */
    public record Area(int row, int column, int rows, int columns) {}
}
