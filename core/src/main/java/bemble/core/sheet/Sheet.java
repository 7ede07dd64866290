package bemble.core.sheet;

import java.util.List;

/** The paper in squares, with everything that is ever on it. */
public record Sheet(int rows, int columns, List<SheetMark> marks) {
    public Sheet {
        marks = List.copyOf(marks);
    }
}
