package bemble.core.marking;

import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.WrittenPaper;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.LineOfBlock;
import bemble.core.working.MarkKind;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** The lines of a working in which numbers stand, digit by digit: what is beside them makes them other numbers. */
final class NumberLines {
    private final Map<LineOfBlock, TreeSet<Integer>> lines = new HashMap<>();
    private final Set<Figure.Key> squares = new HashSet<>();

    NumberLines(Written written) {
        written.ink().stream().filter(figure -> figure.isFull() && figure.kind() == MarkKind.DIGIT).map(Figure::key)
                .forEach(key -> {
                    lines.computeIfAbsent(key.lineOfBlock(), line -> new TreeSet<>()).add(key.place());
                    squares.add(key);
                });
    }

    /** Whether a figure that belongs to nothing makes a number of its line another one; a 0 in front, or last behind the point, does not. */
    boolean contradicts(Figure.Key key, PaperFigure figure) {
        TreeSet<Integer> places = lines.get(key.lineOfBlock());
        boolean digit = !key.stroke() && key.anchor() == Anchor.MIDDLE && !figure.isUnclear();
        boolean outside = places != null
                && (key.place() > places.last() || key.place() < 0 && key.place() < places.first());
        return places != null && digit && !(figure.text().equals("0") && outside);
    }

    /** How many squares inside numbers that stand there are empty. */
    int holes(WrittenPaper paper) {
        return (int) squares.stream().filter(key -> isHole(key, paper)).count();
    }

    /** Whether a square is empty inside a number: figures of it stand right beside it and further on, on either side. */
    boolean isHole(Figure.Key key, WrittenPaper paper) {
        TreeSet<Integer> places = lines.get(key.lineOfBlock());
        return places != null && !key.stroke() && key.anchor() == Anchor.MIDDLE && places.contains(key.place())
                && paper.at(key) == null
                && places.contains(key.place() - 1) && places.contains(key.place() + 1)
                && places.headSet(key.place()).stream().anyMatch(place -> paper.at(at(key, place)) != null)
                && places.tailSet(key.place(), false).stream().anyMatch(place -> paper.at(at(key, place)) != null);
    }

    private static Figure.Key at(Figure.Key key, int place) {
        return new Figure.Key(key.block(), key.line(), place, Anchor.MIDDLE, false);
    }
}
