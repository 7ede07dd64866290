package bemble.core.marking.paper;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
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
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What stands on a paper once what was crossed out is gone: of a figure that is struck, the one that replaces it counts, in the same
 * square, squeezed in beside it, or in a line over or under where nothing else belongs. Strokes that belong to a method, such as those
 * of an exchange, cross nothing out.
 */
public final class CrossedOut {
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
    public static List<Read> standing(Problem problem, HouseStyle style, List<PaperFigure> written) {
        if (written.stream().noneMatch(CrossedOut::isThroughNumber)) {
            return written.stream().map(Read::where).toList();
        }
        return new CrossedOut(problem, style, written).standing();
    }

    /** Whether it is a stroke through a figure of a number, as against one through a small figure that has been used. */
    private static boolean isThroughNumber(PaperFigure figure) {
        return figure.isStroke() && figure.isInMiddle() && !figure.line().is(Line.Kind.EXCHANGED)
                && !figure.line().is(Line.Kind.MINUEND);
    }

    private static boolean isDigit(PaperFigure figure) {
        return figure.kind() == MarkKind.DIGIT && !figure.text().isEmpty();
    }

    private List<Read> standing() {
        Map<Square, List<Integer>> strokes = new LinkedHashMap<>();
        for (int i = 0; i < written.size(); i++) {
            if (isThroughNumber(written.get(i)) && !belongs(written.get(i))) {
                strokes.computeIfAbsent(Square.of(written.get(i)), square -> new ArrayList<>()).add(i);
            }
        }
        Set<Integer> gone = new HashSet<>();
        Map<Integer, Square> moved = new HashMap<>();
        strokes.forEach((square, through) -> {
            gone.addAll(through);
            List<Integer> there = numbered(figure -> figure.isInMiddle() && Square.of(figure).equals(square));
            Integer stands = left(there, through);
            there.stream().filter(figure -> !figure.equals(stands)).forEach(gone::add);
            if (stands == null) {
                instead(square).ifPresent(figure -> moved.put(figure, square));
            }
        });
        moved.putAll(restOfLines(moved, gone));
        List<Read> read = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            PaperFigure figure = written.get(i);
            Square square = moved.get(i);
            if (square != null) {
                read.add(new Read(new PaperFigure(square.block(), square.line(), square.place(), Anchor.MIDDLE,
                        figure.kind(), figure.text()), figure));
            } else if (!gone.contains(i)) {
                read.add(Read.where(figure));
            }
        }
        return read;
    }

    /** The digits of some kind, by where they come in the order of writing. */
    private List<Integer> numbered(Predicate<PaperFigure> which) {
        return IntStream.range(0, written.size())
                .filter(i -> isDigit(written.get(i)) && which.test(written.get(i))).boxed().toList();
    }

    /** Whether a stroke is one of a method, or of an exchange where none is asked for. */
    private boolean belongs(PaperFigure stroke) {
        return known.containsKey(
                new Figure.Key(stroke.block(), stroke.line(), stroke.place(), Anchor.MIDDLE, true))
                || !stroke.line().equals(Line.ANSWER)
                        && written.stream().anyMatch(figure -> figure.line().is(Line.Kind.EXCHANGED)
                                && figure.block().equals(stroke.block()) && figure.place() == stroke.place());
    }

    /**
     * Of the figures in a square the one that its strokes leave: the last, where it was written after them, there are more figures than
     * strokes, or the strokes say that they go through another one; null where none is left.
     */
    private @Nullable Integer left(List<Integer> there, List<Integer> strokes) {
        if (there.isEmpty()) {
            return null;
        }
        Integer last = there.get(there.size() - 1);
        boolean other = strokes.stream().map(written::get)
                .allMatch(stroke -> !stroke.text().isEmpty() && !stroke.text().equals(written.get(last).text()));
        return last > strokes.get(strokes.size() - 1) || there.size() > strokes.size() || other ? last : null;
    }

    /** What was written instead of what is struck in a square, the latest of it that is not struck itself. */
    private Optional<Integer> instead(Square square) {
        return numbered(figure -> figure.block().equals(square.block()) && figure.place() == square.place()
                && isNew(figure) && (figure.line().equals(square.line()) ? !figure.isInMiddle() : figure.isInMiddle()))
                        .stream().filter(index -> !isStruckLater(index)).reduce((one, later) -> later);
    }

    private boolean isStruckLater(int index) {
        PaperFigure figure = written.get(index);
        return written.subList(index, written.size()).stream().anyMatch(stroke -> stroke.isStroke()
                && Square.of(stroke).equals(Square.of(figure)) && stroke.isInMiddle() == figure.isInMiddle()
                && (stroke.isInMiddle() || stroke.anchor() == figure.anchor()));
    }

    /** Whether no careful hand writes that there, nor any number. */
    private boolean isNew(PaperFigure figure) {
        Anchor anchor = figure.anchor() == null ? Anchor.MIDDLE : figure.anchor();
        Figure.Key key = new Figure.Key(figure.block(), figure.line(), figure.place(), anchor, false);
        return !figure.text().equals(known.get(key))
                && !(anchor == Anchor.MIDDLE && numbers.contains(key.lineOfBlock()));
    }

    /** Where a whole number is struck, all of the number that stands instead of it counts, though it be longer. */
    private Map<Integer, Square> restOfLines(Map<Integer, Square> moved, Set<Integer> gone) {
        Map<Integer, Square> rest = new HashMap<>();
        moved.forEach((index, square) -> {
            PaperFigure figure = written.get(index);
            boolean whole =
                    !figure.line().equals(square.line()) && gone.containsAll(inLine(square.block(), square.line()));
            if (whole) {
                inLine(figure.block(), figure.line()).stream().filter(each -> !moved.containsKey(each))
                        .forEach(each -> rest
                                .put(each, new Square(square.block(), square.line(), written.get(each).place())));
            }
        });
        return rest;
    }

    private List<Integer> inLine(BlockName block, Line line) {
        return numbered(figure -> figure.isInMiddle() && figure.block().equals(block) && figure.line().equals(line));
    }
}
