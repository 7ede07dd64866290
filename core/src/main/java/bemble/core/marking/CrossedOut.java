package bemble.core.marking;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.marking.Way.Read;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.LineOfBlock;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What stands on a paper once what was crossed out is gone: of a figure that is struck, the one that replaces it counts, in the same
 * square, squeezed in beside it, or in a line over or under where nothing else belongs. Strokes that belong to a method, such as those
 * of an exchange, cross nothing out.
 */
final class CrossedOut {
    /** A square of a block. */
    private record Square(BlockName block, Line line, int place) {
        static Square of(PaperFigure figure) {
            return new Square(figure.block(), figure.line(), figure.place());
        }
    }

    private final List<PaperFigure> written;
    /** What careful hands write, by any method of the operation. */
    private final Map<Figure.Key, String> known = new HashMap<>();
    /** The lines of blocks in which their numbers stand. */
    private final Set<LineOfBlock> numbers = new HashSet<>();

    private CrossedOut(Problem problem, HouseStyle style, List<PaperFigure> written) {
        this.written = written;
        for (MethodName name : MethodName.of(problem.operation())) {
            Written.asFarAs(Hand.CAREFUL, problem, Methods.of(name), style, false).ink().forEach(figure -> {
                known.put(figure.key(), figure.text());
                if (figure.isFull()) {
                    numbers.add(figure.key().lineOfBlock());
                }
            });
        }
    }

    /** The figures of a paper that stand, each with where it belongs and where it stands. */
    static List<Read> standing(Problem problem, HouseStyle style, List<PaperFigure> written) {
        if (written.stream().noneMatch(CrossedOut::isThroughNumber)) {
            return written.stream().map(Read::where).toList();
        }
        return new CrossedOut(problem, style, written).standing();
    }

    /** Whether it is a stroke through a figure of a number, as against one through a small figure that has been used. */
    private static boolean isThroughNumber(PaperFigure figure) {
        return figure.isStroke() && isInMiddle(figure) && !figure.line().is(Line.Kind.EXCHANGED)
                && !figure.line().is(Line.Kind.MINUEND);
    }

    private static boolean isInMiddle(PaperFigure figure) {
        return figure.anchor() == null || figure.anchor() == Anchor.MIDDLE;
    }

    private static boolean isDigit(PaperFigure figure) {
        return figure.kind() == MarkKind.DIGIT && !figure.text().isEmpty();
    }

    private List<Read> standing() {
        Map<Square, List<PaperFigure>> strokes = new LinkedHashMap<>();
        written.stream().filter(CrossedOut::isThroughNumber).filter(figure -> !belongs(figure))
                .forEach(figure -> strokes.computeIfAbsent(Square.of(figure), square -> new ArrayList<>()).add(figure));
        Set<PaperFigure> gone = new HashSet<>();
        Map<PaperFigure, Square> moved = new HashMap<>();
        strokes.forEach((square, through) -> {
            gone.addAll(through);
            List<PaperFigure> there = written.stream()
                    .filter(figure -> isDigit(figure) && isInMiddle(figure) && Square.of(figure).equals(square))
                    .toList();
            List<PaperFigure> stand = left(there, through);
            there.stream().filter(figure -> !stand.contains(figure)).forEach(gone::add);
            if (stand.isEmpty()) {
                instead(square).ifPresent(figure -> moved.put(figure, square));
            }
        });
        moved.putAll(restOfLines(moved, gone));
        List<Read> read = new ArrayList<>();
        for (PaperFigure figure : written) {
            Square square = moved.get(figure);
            if (square != null) {
                read.add(new Read(new PaperFigure(square.block(), square.line(), square.place(), Anchor.MIDDLE,
                        figure.kind(), figure.text()), figure));
            } else if (!gone.contains(figure)) {
                read.add(Read.where(figure));
            }
        }
        return read;
    }

    /** Whether a stroke is one of a method, or of an exchange where none is asked for. */
    private boolean belongs(PaperFigure stroke) {
        return known.containsKey(
                new Figure.Key(stroke.block(), stroke.line(), stroke.place(), Anchor.MIDDLE, true))
                || !stroke.line().equals(Line.ANSWER)
                        && written.stream().anyMatch(figure -> figure.line().is(Line.Kind.EXCHANGED)
                                && figure.block().equals(stroke.block()) && figure.place() == stroke.place());
    }

    /** Of the figures in a square those that its strokes leave: the last, where there are more figures than strokes. */
    private static List<PaperFigure> left(List<PaperFigure> there, List<PaperFigure> strokes) {
        PaperFigure last = there.isEmpty() ? null : there.get(there.size() - 1);
        boolean other = last != null && strokes.stream()
                .allMatch(stroke -> !stroke.text().isEmpty() && !stroke.text().equals(last.text()));
        return last != null && (there.size() > strokes.size() || other) ? List.of(last) : List.of();
    }

    /** What was written instead of what is struck in a square, the latest of it. */
    private Optional<PaperFigure> instead(Square square) {
        return written.stream()
                .filter(figure -> isDigit(figure) && figure.block().equals(square.block())
                        && figure.place() == square.place() && isNew(figure)
                        && (figure.line().equals(square.line()) ? !isInMiddle(figure) : isInMiddle(figure)))
                .reduce((one, later) -> later);
    }

    /** Whether no careful hand writes that there, nor any number. */
    private boolean isNew(PaperFigure figure) {
        Anchor anchor = figure.anchor() == null ? Anchor.MIDDLE : figure.anchor();
        Figure.Key key = new Figure.Key(figure.block(), figure.line(), figure.place(), anchor, false);
        return !figure.text().equals(known.get(key))
                && !(anchor == Anchor.MIDDLE && numbers.contains(key.lineOfBlock()));
    }

    /** Where a whole number is struck, all of the number that stands instead of it counts, though it be longer. */
    private Map<PaperFigure, Square> restOfLines(Map<PaperFigure, Square> moved, Set<PaperFigure> gone) {
        Map<PaperFigure, Square> rest = new HashMap<>();
        moved.forEach((figure, square) -> {
            boolean whole = !figure.line().equals(square.line())
                    && written.stream().filter(each -> isDigit(each) && isInMiddle(each)
                            && each.block().equals(square.block()) && each.line().equals(square.line()))
                            .allMatch(gone::contains);
            if (whole) {
                written.stream()
                        .filter(each -> isDigit(each) && isInMiddle(each) && each.block().equals(figure.block())
                                && each.line().equals(figure.line()) && !moved.containsKey(each))
                        .forEach(each -> rest.put(each, new Square(square.block(), square.line(), each.place())));
            }
        });
        return rest;
    }
}
