package bemble.core.marking;

import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.Spot;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What stands on a paper, each figure in the part of its square that it can only mean. */
final class WrittenPaper implements Reading {
    private final Map<Figure.Key, PaperFigure> figures = new LinkedHashMap<>();
    /** The lines in which anything stands. */
    private final Set<String> lines = new HashSet<>();

    /** Of two figures in one part of a square the later one stands. */
    WrittenPaper(List<PaperFigure> written, KnownSquares squares) {
        for (PaperFigure figure : written) {
            Figure.Key key = squares.keyOf(figure, figures.keySet());
            figures.remove(key);
            if (figure.isStroke() || !figure.text().isEmpty()) {
                figures.put(key, figure);
                lines.add(key.line());
            }
        }
    }

    @Override
    public String at(Spot spot, Anchor anchor) {
        if (!lines.contains(spot.line())) {
            return null;
        }
        PaperFigure figure = figures.get(new Figure.Key(spot.block().id(), spot.line(), spot.place(), anchor, false));
        return figure == null || figure.isUnclear() ? null : figure.text();
    }

    /** The figure there, or null. */
    PaperFigure at(Figure.Key key) {
        return figures.get(key);
    }

    Map<Figure.Key, PaperFigure> figures() {
        return figures;
    }

    /** What stands where nothing is expected. */
    List<Figure.Key> strays(Set<Figure.Key> expected) {
        return figures.keySet().stream().filter(key -> !expected.contains(key) && !isUsedUp(key)).toList();
    }

    /** Whether it is a stroke through a small figure, such as a carry that has been added. */
    boolean isUsedUp(Figure.Key key) {
        return key.stroke() && key.anchor() != Anchor.MIDDLE
                && figures.containsKey(new Figure.Key(key.block(), key.line(), key.place(), key.anchor(), false));
    }
}
