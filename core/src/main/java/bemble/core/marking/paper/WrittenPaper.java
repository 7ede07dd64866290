package bemble.core.marking.paper;

import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.LineOfBlock;
import bemble.core.working.Spot;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What stands on a paper, each figure in the part of its square that it can only mean. */
public final class WrittenPaper implements Reading {
    private final Map<Figure.Key, PaperFigure> figures = new LinkedHashMap<>();
    /** The lines in which anything stands. */
    private final Set<Line> lines = new HashSet<>();

    /** The lines of blocks in which any figure of a number stands. */
    private final Set<LineOfBlock> numbers = new HashSet<>();
    private final Map<Figure.Key, Figure.Key> stands = new HashMap<>();

    /** Of two figures in one part of a square the later one stands. */
    public WrittenPaper(List<Read> written, KnownSquares squares) {
        for (Read read : written) {
            PaperFigure figure = read.as();
            Figure.Key key = squares.keyOf(figure, figures.keySet());
            figures.remove(key);
            if (figure.isStroke() || !figure.text().isEmpty()) {
                figures.put(key, figure);
                lines.add(key.line());
                if (!key.stroke() && key.anchor() == Anchor.MIDDLE) {
                    numbers.add(key.lineOfBlock());
                }
                if (read.isMoved() || figure.anchor() != null) {
                    PaperFigure there = read.stands();
                    stands.put(key, new Figure.Key(there.block(), there.line(), there.place(),
                            there.anchor() == null ? key.anchor() : there.anchor(), key.stroke()));
                }
            }
        }
    }

    private WrittenPaper(WrittenPaper all, Predicate<Figure.Key> left) {
        all.figures.forEach((key, figure) -> {
            if (left.test(key)) {
                figures.put(key, figure);
                lines.add(key.line());
            }
        });
        numbers.addAll(all.numbers);
        stands.putAll(all.stands);
    }

    /** The same paper without some of its figures. */
    public WrittenPaper without(Predicate<Figure.Key> which) {
        return new WrittenPaper(this, which.negate());
    }

    /** Whether any figure of a number stands in the line of that square. */
    public boolean hasLineOf(Figure.Key key) {
        return numbers.contains(key.lineOfBlock());
    }

    /** Where a figure really stands that is read as one of another square. */
    public Figure.Key origin(Figure.Key key) {
        return stands.getOrDefault(key, key);
    }

    @Override
    public @Nullable String at(Spot spot, Anchor anchor) {
        if (!lines.contains(spot.line())) {
            return null;
        }
        PaperFigure figure = figures.get(new Figure.Key(spot.block().name(), spot.line(), spot.place(), anchor, false));
        return figure == null || figure.isUnclear() ? null : figure.text();
    }

    /** The figure there, or null. */
    @Nullable
    public PaperFigure at(Figure.Key key) {
        return figures.get(key);
    }

    public Map<Figure.Key, PaperFigure> figures() {
        return figures;
    }

    /** What stands where nothing is expected. */
    public List<Figure.Key> strays(Set<Figure.Key> expected) {
        return figures.keySet().stream().filter(key -> !expected.contains(key) && !isUsedUp(key)).toList();
    }

    /** Whether it is a stroke through a small figure, such as a carry that has been added. */
    public boolean isUsedUp(Figure.Key key) {
        return key.stroke() && key.anchor() != Anchor.MIDDLE
                && figures.containsKey(new Figure.Key(key.block(), key.line(), key.place(), key.anchor(), false));
    }
}
