package bemble.core.print;

import bemble.core.order.Worked;
import bemble.core.print.ink.PageInk;
import bemble.core.sheet.SheetMark;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.List;

/**
 * A worked sheet as it stands after one of its steps, drawn from its own upper left.
 *
 * @param marks what stands there then
 * @param area what of the sheet is drawn
 */
record SheetView(List<SheetMark> marks, Area area) {
    /** A stretch of squares: the first column and row, and how many. */
    record Area(int column, int row, int columns, int rows) {}

    private static final int MARGIN = 1;

    /** The sheet after a step. */
    static SheetView after(Worked worked, int step) {
        List<SheetMark> marks = visible(worked, step);
        return new SheetView(marks, around(marks));
    }

    /** The same in an area of another view: several views lie in the same squares. */
    static SheetView after(Worked worked, int step, Area area) {
        return new SheetView(visible(worked, step), area);
    }

    private static List<SheetMark> visible(Worked worked, int step) {
        return worked.sheet().marks().stream().filter(mark -> mark.standsAfter(step) && mark.kind() != MarkKind.WASH)
                .toList();
    }

    private static Area around(List<SheetMark> marks) {
        int left = marks.stream().mapToInt(SheetMark::column).min().orElse(0) - MARGIN;
        int top = marks.stream().mapToInt(SheetMark::row).min().orElse(0);
        int right = marks.stream().mapToInt(SheetMark::lastColumn).max().orElse(0) + 1 + MARGIN;
        int bottom = marks.stream().mapToInt(SheetMark::lastRow).max().orElse(0) + 1;
        return new Area(left, top, right - left, bottom - top);
    }

    /** Draws it in squares of that side. */
    Panel draw(double side) {
        SheetInk grid = new SheetInk(0, 0, side);
        grid.grid(area.columns(), area.rows());
        SheetInk ink = new SheetInk(-area.column() * side, -area.row() * side, side);
        marks.forEach(ink::mark);
        List<PageInk> inks = new ArrayList<>(grid.inks());
        inks.addAll(ink.inks());
        return new Panel(area.columns() * side, area.rows() * side, inks);
    }
}
