package bemble.core.writing;

import bemble.core.sheet.Layout;
import bemble.core.style.HouseStyle;
import bemble.core.words.LineNames;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Finds the squares of a paper that somebody can write into, from all that hands write there. */
final class Squares {
    /** The lines that only take carries; they are there whether anything is carried or not. */
    private static final Map<Line, Anchor> CARRIES =
            Map.of(Line.CARRIES, Anchor.LOW, Line.ON_RULE, Anchor.LOW, Line.UNDER, Anchor.HIGH);

    private final Layout layout;
    private final LineNames names;
    private final Predicate<Mark> isPrinted;
    private final Map<Spot, List<Mark>> bySpot = new HashMap<>();
    /** What is known of a whole line: its block and name, as the spot at place 0. */
    private final Map<Spot, List<Mark>> byLine = new HashMap<>();

    /** For each line of figures where its carries are written. */
    private final Map<Spot, Carries> carries = new HashMap<>();

    /**
     * Where the carries of a line are written.
     *
     * @param shift how many columns further to the left than the figure they are added to
     */
    private record Carries(Line line, int shift) {}

    Squares(Layout layout, List<Working> workings, Predicate<Mark> isPrinted, HouseStyle style) {
        this.layout = layout;
        this.names = new LineNames(style);
        this.isPrinted = isPrinted;
        for (Working working : workings) {
            Mark full = null;
            for (Mark mark : working.marks()) {
                if (WritingPaper.isWritten(mark)) {
                    if (mark.role() == Role.CARRY && mark.kind() == MarkKind.DIGIT && full != null
                            && full.at().block().equals(mark.at().block())) {
                        carries.putIfAbsent(line(full.at()),
                                new Carries(mark.at().line(), mark.at().place() - full.at().place() - 1));
                    }
                    full = mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL ? mark : full;
                    bySpot.computeIfAbsent(mark.at(), spot -> new ArrayList<>()).add(mark);
                    byLine.computeIfAbsent(line(mark.at()), spot -> new ArrayList<>()).add(mark);
                }
            }
        }
    }

    private static Spot line(Spot spot) {
        return new Spot(spot.block(), spot.line(), 0);
    }

    /** All squares, row by row from the left. */
    List<Square> all() {
        List<Square> squares = new ArrayList<>();
        for (int row = 0; row < layout.rows(); row++) {
            int free = 0;
            Map<Spot, Integer> slots = new HashMap<>();
            for (int column = 0; column < layout.columns(); column++) {
                Spot spot = column < free ? null : layout.spot(row, column).orElse(null);
                if (spot != null && (byLine.containsKey(line(spot)) || CARRIES.containsKey(spot.line()))) {
                    Square square = square(spot, row, column);
                    if (LineNames.isSlot(spot)) {
                        square = square.numbered(slots.merge(line(spot), 1, Integer::sum));
                    }
                    squares.add(square);
                    free = square.toColumn() + 1;
                }
            }
        }
        Map<Spot, Integer> at = new HashMap<>();
        // The squares that take small figures, by their column.
        Map<Column, List<Integer>> smalls = new HashMap<>();
        for (int i = 0; i < squares.size(); i++) {
            Square square = squares.get(i);
            at.put(square.spot(), i);
            if (square.small() != null) {
                smalls.computeIfAbsent(Column.of(square.spot()), column -> new ArrayList<>()).add(i);
            }
        }
        List<Square> joined = new ArrayList<>();
        squares.forEach(square -> joined.add(square.withSmallAt(smallAt(square, squares, at, smalls))));
        return List.copyOf(joined);
    }

    private Square square(Spot spot, int row, int column) {
        List<Mark> here = bySpot.getOrDefault(spot, List.of());
        List<Mark> along = byLine.getOrDefault(line(spot), List.of());
        Mark number = here.stream().filter(mark -> mark.kind() == MarkKind.NUMBER).findFirst().orElse(null);
        String given =
                here.stream().filter(isPrinted.and(mark -> mark.kind() != MarkKind.STRIKE)).findFirst().map(Mark::text)
                        .orElse(null);
        boolean full = along.stream().anyMatch(mark -> mark.kind() != MarkKind.STRIKE && mark.size() == Size.FULL);
        return new Square(spot, row, column, number == null || number.to() == null ? column
                : Math.max(column, layout.column(number.to())), given, full, small(spot, here, along), number != null,
                null,
                names.of(spot));
    }

    private static @Nullable Anchor small(Spot spot, List<Mark> here, List<Mark> along) {
        Set<Anchor> anchors = new HashSet<>();
        (here.stream().anyMatch(Squares::isSmall) ? here : along).stream().filter(Squares::isSmall)
                .forEach(mark -> anchors.add(mark.anchor()));
        return anchors.stream().sorted().findFirst().orElse(CARRIES.get(spot.line()));
    }

    private static boolean isSmall(Mark mark) {
        return mark.size() == Size.SMALL && mark.kind() == MarkKind.DIGIT && mark.role() != Role.JOT;
    }

    /** All lines of a block over one another. */
    private record Column(Block block, int place) {
        static Column of(Spot spot) {
            return new Column(spot.block(), spot.place());
        }
    }

    /** The square that takes the small figures of a column: where its carries go, or itself, or the nearest one. */
    private @Nullable Integer smallAt(Square square, List<Square> all, Map<Spot, Integer> at,
            Map<Column, List<Integer>> smalls) {
        Spot spot = square.spot();
        Carries known = carries.get(line(spot));
        Integer carried = known == null ? null : at.get(spot.block().at(known.line(), spot.place() + known.shift()));
        if (carried != null) {
            return carried;
        }
        if (square.small() != null) {
            return at.get(spot);
        }
        return smalls.getOrDefault(Column.of(spot), List.of()).stream()
                .min(Comparator.comparingInt(i -> Math.abs(all.get(i).row() - square.row()))).orElse(null);
    }
}
