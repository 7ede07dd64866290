package bemble.core.print;

import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import bemble.core.sheet.MarkGeometry;
import bemble.core.sheet.SheetMark;
import bemble.core.working.Anchor;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** Draws the marks of a sheet as ink, the sheet's first square at a given point. */
final class SheetInk {
    private static final double FINE = 0.1;
    private static final double FIRM = 0.55;

    private final double left;
    private final double top;
    private final double side;
    private final List<PageInk> inks = new ArrayList<>();

    SheetInk(double left, double top, double side) {
        this.left = left;
        this.top = top;
        this.side = side;
    }

    List<PageInk> inks() {
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
        box(x, y, x + 0.5, y + 0.6, FINE * 1.6);
    }

    void mark(SheetMark laid) {
        Mark mark = laid.mark();
        if (mark.role() == Role.MISSING) {
            return;
        }
        switch (mark.kind()) {
            case WASH, BOX -> {}
            case RULE -> stroke(laid, FIRM);
            case UNDERLINE, RULE_BELOW -> stroke(laid, FIRM);
            case DOUBLE_RULE -> {
                stroke(laid, FIRM);
                MarkGeometry.Stroke rule = strokeOf(laid);
                double y = laid.row() + rule.fromY() + MarkGeometry.RULES_APART;
                line(laid.column() + rule.fromX(), y, laid.lastColumn() + rule.toX(), y, FIRM);
            }
            case FRAME -> frame(laid);
            case RING -> ring(laid);
            case SIDE, LINE, GROUP -> stroke(laid, FIRM * 0.6);
            case ARROW -> arrow(laid);
            case BRACKET -> {
                double x = laid.column() + MarkGeometry.BRACKET;
                bend(x, laid.row(), x + MarkGeometry.BRACKET_BEND, laid.row() + 0.5, x, laid.row() + 1);
            }
            case ARC -> {
                double foot = laid.row() + (mark.anchor() == Anchor.LOW ? MarkGeometry.ARC_LOW : MarkGeometry.ARC_HIGH);
                bend(laid.column() + 0.5, foot, (laid.column() + laid.lastColumn() + 1) / 2.0,
                        foot - MarkGeometry.ARC_RISE, laid.lastColumn() + 0.5, foot);
            }
            case STRIKE -> strike(laid);
            default -> text(laid);
        }
    }

    private static MarkGeometry.Stroke strokeOf(SheetMark laid) {
        return Objects.requireNonNull(MarkGeometry.stroke(laid.mark().kind()), "only of what is a straight line");
    }

    private void stroke(SheetMark laid, double width) {
        MarkGeometry.Stroke stroke = strokeOf(laid);
        line(laid.column() + stroke.fromX(), laid.row() + stroke.fromY(), laid.lastColumn() + stroke.toX(),
                laid.lastRow() + stroke.toY(), width);
    }

    private void frame(SheetMark laid) {
        double inset = MarkGeometry.FRAME_INSET;
        box(laid.column() + inset, laid.row() + inset, laid.lastColumn() + 1 - inset, laid.row() + 1 - inset, FIRM);
    }

    private void ring(SheetMark laid) {
        double radius = MarkGeometry.RING_RADIUS;
        double left = laid.column() + radius;
        double right = laid.lastColumn() + 1 - radius;
        double top = laid.row();
        double bottom = top + 1;
        line(left, top, right, top, FIRM);
        line(left, bottom, right, bottom, FIRM);
        bend(left, top, left - 2 * radius, top + radius, left, bottom);
        bend(right, top, right + 2 * radius, top + radius, right, bottom);
    }

    private void arrow(SheetMark laid) {
        stroke(laid, FIRM * 0.5);
        MarkGeometry.Stroke stroke = strokeOf(laid);
        double x = laid.lastColumn() + stroke.toX();
        double y = laid.lastRow() + stroke.toY();
        double head = MarkGeometry.ARROW_HEAD;
        line(x - head, y - head, x, y, FIRM * 0.5);
        line(x + head, y - head, x, y, FIRM * 0.5);
    }

    private void strike(SheetMark laid) {
        Mark mark = laid.mark();
        MarkGeometry.TextPlace at = MarkGeometry.place(mark.anchor());
        double reach = MarkGeometry.height(mark.size()) * MarkGeometry.STRIKE_REACH;
        double x = laid.column() + at.x() + (at.begins() ? reach * MarkGeometry.STRIKE_SHIFT : 0);
        double y = laid.row() + at.y();
        line(x - reach, y + reach, x + reach, y - reach, FIRM * 0.7);
    }

    private void text(SheetMark laid) {
        Mark mark = laid.mark();
        double height = MarkGeometry.height(mark.size());
        boolean label = mark.kind() == MarkKind.LABEL;
        MarkGeometry.TextPlace at = MarkGeometry.place(mark.anchor());
        double x = mark.kind() == MarkKind.NUMBER ? (laid.column() + laid.lastColumn() + 1) / 2.0
                : laid.column() + (label ? MarkGeometry.LABEL_INDENT : at.x());
        Align align = label || at.begins() ? Align.START : Align.MIDDLE;
        boolean crowded = mark.size() == Size.TINY && mark.text().length() > 3 && !label;
        double size = crowded ? Math.min(height, 1.7 / mark.text().length()) : height;
        inks.add(new PageInk.Text(left + x * side, top + (laid.row() + at.y() + height * MarkGeometry.FOOT) * side,
                size * side,
                align, false, mark.text()));
    }

    private void line(double x1, double y1, double x2, double y2, double width) {
        inks.add(new PageInk.Line(left + x1 * side, top + y1 * side, left + x2 * side, top + y2 * side, width));
    }

    private void box(double x1, double y1, double x2, double y2, double width) {
        inks.addAll(PageInk.box(left + x1 * side, top + y1 * side, left + x2 * side, top + y2 * side, width));
    }

    private void bend(double x1, double y1, double towardsX, double towardsY, double x2, double y2) {
        inks.add(new PageInk.Bend(left + x1 * side, top + y1 * side, left + towardsX * side, top + towardsY * side,
                left + x2 * side, top + y2 * side, FIRM));
    }
}
