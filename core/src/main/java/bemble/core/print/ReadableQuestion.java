package bemble.core.print;

import bemble.core.order.WorkOrder;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.scan.ReadField;
import bemble.core.scan.ReadSquare;
import bemble.core.sheet.MarkGeometry;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Spot;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A question set out on squares so that what is written there can be read: the paper to write on, as much of it as a careful hand needs
 * and one square around it.
 */
public final class ReadableQuestion {
    private static final int ROOM = 1;
    /** How high a written figure is, as a share of a printed one. */
    private static final double WRITTEN = 0.82;
    /** The middle of a figure that begins at its anchor, in sides from there. */
    private static final double HALF_FIGURE = 0.12;

    private final WritingPaper paper;
    private final List<SheetMark> printed;
    private final int left;
    private final int top;
    private final int columns;
    private final int rows;

    private record LineOfBlock(BlockName block, Line line) {}

    private ReadableQuestion(WritingPaper paper) {
        this.paper = paper;
        this.printed = paper.printed().stream().filter(mark -> mark.step() <= 1).toList();
        List<SheetMark> all = Stream.concat(paper.printed().stream(), paper.path().stream()).toList();
        this.left = all.stream().mapToInt(SheetMark::column).min().orElse(0) - ROOM;
        this.top = all.stream().mapToInt(SheetMark::row).min().orElse(0);
        this.columns = all.stream().mapToInt(SheetMark::lastColumn).max().orElse(0) + 1 + ROOM - left;
        this.rows = all.stream().mapToInt(SheetMark::lastRow).max().orElse(0) + 1 + ROOM - top;
    }

    /** Whether a problem can be read: where a point stands is not, so whole numbers alone. */
    public static boolean isReadable(Problem problem) {
        return problem.decimals() == 0
                && problem.operands().stream().map(Numeral::plain).noneMatch(plain -> plain.contains("."));
    }

    /** @throws bemble.core.problem.Refusal where it has no paper to write on */
    public static ReadableQuestion of(Problem problem, HouseStyle style) {
        return new ReadableQuestion(WritingPaper.of(new WorkOrder(problem, null, style, null), false, false));
    }

    public WritingPaper paper() {
        return paper;
    }

    int columns() {
        return columns;
    }

    int rows() {
        return rows;
    }

    /**
     * Draws what is printed in its squares, their upper left at a point.
     *
     * @param carryBoxes whether small boxes mark where carries go
     */
    List<PageInk> draw(double x, double y, double side, boolean carryBoxes) {
        SheetInk sheet = new SheetInk(x - left * side, y - top * side, side);
        printed.forEach(sheet::mark);
        if (carryBoxes) {
            squares().filter(square -> square.small() != null && !square.full())
                    .forEach(square -> sheet.carryBox(square.column(), square.row()));
        }
        return sheet.inks();
    }

    /** Those that something may be written into and that are printed. */
    private Stream<Square> squares() {
        return paper.squares().stream().filter(square -> square.row() >= top && square.row() < top + rows
                && square.column() >= left && square.column() < left + columns && !square.number());
    }

    /**
     * The squares that something may be written into, where they are on the page.
     *
     * @param field where the question's squares stand on it
     */
    public List<ReadSquare> squares(ReadField field) {
        Set<LineOfBlock> answer = paper.answer().stream().map(mark -> new LineOfBlock(mark.block(), mark.line()))
                .collect(Collectors.toSet());
        List<ReadSquare> squares = new ArrayList<>();
        for (Square square : squares().toList()) {
            Spot spot = square.spot();
            boolean inAnswer = answer.contains(new LineOfBlock(spot.block().name(), spot.line()));
            if (square.full()) {
                squares.add(at(field, square, null, inAnswer));
            }
            if (square.small() != null) {
                squares.add(at(field, square, square.small(), false));
            }
        }
        return squares;
    }

    private ReadSquare at(ReadField field, Square square, @Nullable Anchor anchor, boolean inAnswer) {
        MarkGeometry.TextPlace place = MarkGeometry.place(anchor == null ? Anchor.MIDDLE : anchor);
        double across = place.begins() ? place.x() + HALF_FIGURE : place.x();
        double side = field.side();
        return new ReadSquare(field.question(), square.spot().block().name(), square.spot().line(),
                square.spot().place(),
                anchor, anchor == null ? square.given() : null, inAnswer,
                field.x() + (square.column() - left + across) * side,
                field.y() + (square.row() - top + place.y()) * side,
                anchor == null ? side : side * ReadSquare.SMALL);
    }

    /**
     * Where a figure is written on a page.
     *
     * @param x its middle, in millimetres
     * @param y its middle
     * @param height how high it is
     */
    public record Placed(double x, double y, double height) {}

    /** Where on the page a mark that somebody writes stands. */
    public Placed place(ReadField field, SheetMark mark) {
        MarkGeometry.TextPlace place = MarkGeometry.place(mark.anchor());
        double height = MarkGeometry.height(mark.size());
        double across = place.begins() ? place.x() + HALF_FIGURE : place.x();
        double side = field.side();
        return new Placed(field.x() + (mark.column() - left + across) * side,
                field.y() + (mark.row() - top + place.y()) * side, height * side * WRITTEN);
    }

    /** Whether a mark is one that a pen makes in a single square. */
    public static boolean isInOneSquare(SheetMark mark) {
        return mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.STRIKE;
    }
}
