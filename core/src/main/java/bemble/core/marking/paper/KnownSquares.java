package bemble.core.marking.paper;

import bemble.core.hand.Decision;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.LineOfBlock;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The parts of squares that hands have a use for, to tell what a figure can only mean. */
public final class KnownSquares {
    /** A square, or where it has no line a whole column. */
    private record Place(BlockName block, @Nullable Line line, int place) {
        static Place inColumn(BlockName block, int place) {
            return new Place(block, null, place);
        }
    }

    private final Map<Place, Set<Figure.Key>> bySquare = new HashMap<>();
    /** Where the carries of a block stand, by the block. */
    private final Map<BlockName, Figure.Key> carries = new HashMap<>();
    /** The lines in which digits of numbers stand. */
    private final Set<LineOfBlock> numberLines = new HashSet<>();
    /** The small figures that belong over or under a column, by block and column. */
    private final Map<Place, Map<Figure.Key, String>> small = new HashMap<>();

    /** Takes in what a hand has written. */
    public void add(List<Decision<?>> decisions) {
        List<Figure> ink = new ArrayList<>();
        decisions.forEach(decision -> ink.addAll(decision.ink()));
        for (Figure figure : ink) {
            Figure.Key key = figure.key();
            bySquare.computeIfAbsent(new Place(key.block(), key.line(), key.place()), square -> new LinkedHashSet<>())
                    .add(key);
            if (figure.size() == Size.FULL && key.anchor() == Anchor.MIDDLE) {
                numberLines.add(key.lineOfBlock());
            }
            if (figure.role() == Role.CARRY) {
                carries.putIfAbsent(key.block(), key);
                small.computeIfAbsent(Place.inColumn(key.block(), key.place()), column -> new LinkedHashMap<>())
                        .putIfAbsent(key, figure.text());
            }
        }
    }

    /** Whether a figure stands where some hand has written. */
    public boolean know(PaperFigure figure) {
        Set<Figure.Key> known =
                bySquare.getOrDefault(new Place(figure.block(), figure.line(), figure.place()), Set.of());
        return figure.anchor() == null ? known.contains(key(figure, Anchor.MIDDLE))
                : known.contains(key(figure, figure.anchor()));
    }

    /** Which part of its square a figure takes; a carry in another style's place is taken for one in this style's. */
    Figure.Key keyOf(PaperFigure figure, Set<Figure.Key> taken) {
        Set<Figure.Key> known =
                bySquare.getOrDefault(new Place(figure.block(), figure.line(), figure.place()), Set.of());
        if (figure.anchor() == null) {
            List<Figure.Key> fitting = known.stream().filter(key -> key.stroke() == figure.isStroke()).toList();
            Figure.Key middle = key(figure, Anchor.MIDDLE);
            if (!fitting.isEmpty()) {
                return fitting.contains(middle) ? middle : fitting.get(0);
            }
            return asCarry(figure, middle, taken);
        }
        Figure.Key key = key(figure, figure.anchor());
        return known.contains(key) ? key : asCarry(figure, key, taken);
    }

    private Figure.Key asCarry(PaperFigure figure, Figure.Key key, Set<Figure.Key> taken) {
        Figure.Key carry = carries.get(figure.block());
        if (carry == null || figure.isStroke() || key.line().equals(carry.line()) && key.anchor() == carry.anchor()) {
            return key;
        }
        boolean amongNumbers = key.anchor() == Anchor.MIDDLE && numberLines.contains(key.lineOfBlock());
        if (amongNumbers) {
            return key;
        }
        if (!isCarryPlace(key)) {
            // Somewhere else over or under its column it is a carry where it says what is carried there.
            return small.getOrDefault(Place.inColumn(figure.block(), figure.place()), Map.of()).entrySet().stream()
                    .filter(each -> each.getValue().equals(figure.text()) && !taken.contains(each.getKey()))
                    .map(Map.Entry::getKey).findFirst().orElse(key);
        }
        Figure.Key other = new Figure.Key(carry.block(), carry.line(), figure.place(), carry.anchor(), false);
        return taken.contains(other) ? key : other;
    }

    /** Whether some style writes its carries there. */
    private static boolean isCarryPlace(Figure.Key key) {
        return switch (key.anchor()) {
            case BEFORE, BEFORE_LOW -> true;
            case LOW, HIGH, MIDDLE -> key.line().equals(Line.CARRIES) || key.line().equals(Line.ON_RULE)
                    || key.line().equals(Line.UNDER);
            case BEFORE_HIGH, AFTER -> false;
        };
    }

    private static Figure.Key key(PaperFigure figure, Anchor anchor) {
        return new Figure.Key(figure.block(), figure.line(), figure.place(), anchor, figure.isStroke());
    }
}
