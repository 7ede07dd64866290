package bemble.core.print;

import bemble.core.print.Ink.Align;
import bemble.core.sheet.SheetMark;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Draws the marks of a sheet as ink, the sheet's first square at a given point. */
final class SheetInk {
    private static final double FINE = 0.1;
    private static final double FIRM = 0.55;
    private static final Map<String, Double> HEIGHTS = Map.of("full", 0.76, "small", 0.42, "tiny", 0.32);

    private final double left;
    private final double top;
    private final double side;
    private final List<Ink> inks = new ArrayList<>();

    SheetInk(double left, double top, double side) {
        this.left = left;
        this.top = top;
        this.side = side;
    }

    List<Ink> inks() {
        return inks;
    }

    /** The squares: fine, for the figures to stand out. */
    void grid(int columns, int rows) {
        for (int column = 0; column <= columns; column++) {
            line(column, 0, column, rows, FINE);
        }
        for (int row = 0; row <= rows; row++) {
            line(0, row, columns, row, FINE);
        }
    }

    /** A small box where a carry goes. */
    void carryBox(int column, int row) {
        double x = column + 0.25;
        double y = row + 0.3;
        line(x, y, x + 0.5, y, FINE * 1.6);
        line(x + 0.5, y, x + 0.5, y + 0.6, FINE * 1.6);
        line(x + 0.5, y + 0.6, x, y + 0.6, FINE * 1.6);
        line(x, y + 0.6, x, y, FINE * 1.6);
    }

    void mark(SheetMark mark) {
        int toRow = mark.toRow() == null ? mark.row() : mark.toRow();
        int toColumn = mark.toColumn() == null ? mark.column() : mark.toColumn();
        switch (mark.kind()) {
            case "wash", "box" -> { }
            case "rule" -> line(mark.column() - 0.1, mark.row(), toColumn + 1.1, mark.row(), FIRM);
            case "underline" -> line(mark.column() + 0.14, mark.row() + 0.93, toColumn + 0.86, mark.row() + 0.93, FIRM);
            case "side" -> line(mark.column(), mark.row(), mark.column(), toRow + 1, FIRM * 0.6);
            case "line" -> line(mark.column() + 0.5, mark.row() + 0.95, toColumn + 0.5, toRow + 0.08, FIRM * 0.6);
            case "arrow" -> arrow(mark, toRow, toColumn);
            case "bracket" -> bend(mark.column() + 1.02, mark.row(), mark.column() + 1.35, mark.row() + 0.5,
                    mark.column() + 1.02, mark.row() + 1);
            case "arc" -> {
                double foot = "low".equals(mark.anchor()) ? mark.row() + 1 : mark.row() + 0.06;
                bend(mark.column() + 0.5, foot, (mark.column() + toColumn + 1) / 2.0, foot - 1.4, toColumn + 0.5, foot);
            }
            case "strike" -> strike(mark);
            default -> text(mark, toColumn);
        }
    }

    private void arrow(SheetMark mark, int toRow, int toColumn) {
        double x = toColumn + 0.5;
        line(mark.column() + 0.5, mark.row() + 0.98, x, toRow + 0.06, FIRM * 0.5);
        line(x - 0.12, toRow - 0.08, x, toRow + 0.06, FIRM * 0.5);
        line(x + 0.12, toRow - 0.08, x, toRow + 0.06, FIRM * 0.5);
    }

    private void strike(SheetMark mark) {
        double[] at = anchor(mark.anchor());
        double reach = HEIGHTS.getOrDefault(mark.size(), 0.4) * 0.48;
        double x = mark.column() + at[0] + (mark.anchor().startsWith("before") ? reach * 0.6 : 0);
        double y = mark.row() + at[1];
        line(x - reach, y + reach, x + reach, y - reach, FIRM * 0.7);
    }

    private void text(SheetMark mark, int toColumn) {
        double height = HEIGHTS.getOrDefault(mark.size(), 0.76);
        boolean label = "label".equals(mark.kind());
        double[] at = anchor(mark.anchor());
        double x = "number".equals(mark.kind()) ? (mark.column() + toColumn + 1) / 2.0
                : label ? mark.column() + 0.1 : mark.column() + at[0];
        Align align = label || mark.anchor().startsWith("before") ? Align.START : Align.MIDDLE;
        boolean crowded = "tiny".equals(mark.size()) && mark.text().length() > 3 && !label;
        double size = crowded ? Math.min(height, 1.7 / mark.text().length()) : height;
        inks.add(new Ink.Text(left + x * side, top + (mark.row() + at[1] + height * 0.36) * side, size * side, align,
                false, mark.text()));
    }

    /** Where in its square a mark's text has its middle. */
    private static double[] anchor(String anchor) {
        return switch (anchor) {
            case "low" -> new double[] {0.5, 0.72};
            case "high" -> new double[] {0.5, 0.28};
            case "before" -> new double[] {0.05, 0.5};
            case "before-high" -> new double[] {0.03, 0.26};
            case "before-low" -> new double[] {0.04, 0.76};
            case "after" -> new double[] {1, 0.66};
            default -> new double[] {0.5, 0.5};
        };
    }

    private void line(double x1, double y1, double x2, double y2, double width) {
        inks.add(new Ink.Line(left + x1 * side, top + y1 * side, left + x2 * side, top + y2 * side, width));
    }

    private void bend(double x1, double y1, double towardsX, double towardsY, double x2, double y2) {
        inks.add(new Ink.Bend(left + x1 * side, top + y1 * side, left + towardsX * side, top + towardsY * side,
                left + x2 * side, top + y2 * side, FIRM));
    }
}
