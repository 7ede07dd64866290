package bemble.core.print;

import bemble.core.marking.paper.BegunAgain;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.print.ink.PageInk;
import bemble.core.sheet.SheetMark;
import bemble.core.working.Anchor;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What somebody wrote with their own hand, on the squares of its paper.
 *
 * @param written the figures that stand there; what stands in no square of the paper is left out
 */
public record OwnWork(WritingPaper paper, List<PaperFigure> written) {
    private static final int MARGIN = 1;
    /** What is written below it is to stand on the same page. */
    private static final double MOST_HEIGHT = 110;

    /** All that is known of a right answer of which nobody copied the working: the problem set out, and its answer line. */
    public static OwnWork answerOnly(WritingPaper paper) {
        return of(paper, paper.answer());
    }

    /** The whole working as it should stand. */
    public static OwnWork right(WritingPaper paper) {
        return of(paper, paper.path());
    }

    private static OwnWork of(WritingPaper paper, List<SheetMark> marks) {
        return new OwnWork(paper, marks.stream().map(mark -> new PaperFigure(mark.block(), mark.line(), mark.place(),
                mark.anchor(), mark.kind(), mark.text())).toList());
    }

    /**
     * Draws it as large as it may be.
     *
     * @param room how wide it may be, in millimetres
     * @param side the side of a square, unless the whole would be too wide or too high then
     */
    Panel draw(double room, double side) {
        List<SheetMark> marks = new ArrayList<>(paper.printed());
        // Of what was begun again the last is the paper.
        BegunAgain.counting(written)
                .forEach(figure -> squareOf(figure).ifPresent(square -> marks.add(laid(figure, square))));
        int left = marks.stream().mapToInt(SheetMark::column).min().orElse(0) - MARGIN;
        int top = marks.stream().mapToInt(SheetMark::row).min().orElse(0);
        int columns = marks.stream().mapToInt(SheetMark::lastColumn).max().orElse(0) + 1 + MARGIN - left;
        int rows = marks.stream().mapToInt(SheetMark::lastRow).max().orElse(0) + 1 - top;
        double square = Math.min(side, Math.min(room / columns, MOST_HEIGHT / rows));
        SheetInk grid = new SheetInk(0, 0, square);
        grid.grid(columns, rows);
        SheetInk ink = new SheetInk(-left * square, -top * square, square);
        marks.forEach(ink::mark);
        List<PageInk> inks = new ArrayList<>(grid.inks());
        inks.addAll(ink.inks());
        return new Panel(columns * square, rows * square, inks);
    }

    private Optional<Square> squareOf(PaperFigure figure) {
        return paper.squares().stream().filter(square -> square.spot().block().name().equals(figure.block())
                && square.spot().line().equals(figure.line()) && square.spot().place() == figure.place()).findFirst();
    }

    private static SheetMark laid(PaperFigure figure, Square square) {
        Anchor usual = square.full() || square.small() == null ? Anchor.MIDDLE : square.small();
        Anchor anchor = figure.anchor() == null ? usual : figure.anchor();
        Mark mark = new Mark(1, null, figure.kind(), square.spot(), null, figure.text(), Role.WRITTEN,
                anchor == Anchor.MIDDLE && square.full() ? Size.FULL : Size.SMALL, anchor, null);
        return new SheetMark(mark, square.row(), square.column(), null,
                figure.kind() == MarkKind.NUMBER ? Integer.valueOf(square.toColumn()) : null);
    }
}
