package bemble.core.marking;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.Read;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;

/** The rows of a product, or the parts of a sum, each read as the row that it says, whichever line it stands in; its carries go with it. */
final class RowLines {
    /** From this share of figures that agree a row is taken for another than the one in whose line it stands. */
    private static final double MOSTLY = 0.6;

    private final Way way;
    private final BlockName.Kind block;
    /** What a careful hand has in each row, by the place; the small figures too, by line, place and anchor. */
    private final Map<Line, TreeMap<Integer, String>> expected = new LinkedHashMap<>();
    private final Map<Figure.Key, String> small = new HashMap<>();
    private final Map<Line, TreeMap<Integer, String>> there = new LinkedHashMap<>();

    /** @param block where the rows stand */
    RowLines(Way way, BlockName.Kind block) {
        this.way = way;
        this.block = block;
        Written.asFarAs(Hand.CAREFUL, way.problem(), way.method(), way.style(), false).ink().forEach(this::expect);
        way.read().stream().map(Read::as).filter(this::isOfRow).forEach(figure -> there
                .computeIfAbsent(figure.line(), line -> new TreeMap<>()).put(figure.place(), figure.text()));
    }

    private void expect(Figure figure) {
        Figure.Key key = figure.key();
        if (key.block().isFirst(block) && figure.isFull() && key.line().is(Line.Kind.ADDEND)) {
            expected.computeIfAbsent(key.line(), line -> new TreeMap<>()).put(key.place(), figure.text());
        } else if (key.block().isFirst(block)) {
            small.put(key, figure.text());
        }
    }

    private boolean isOfRow(PaperFigure figure) {
        return figure.block().isFirst(block) && figure.line().is(Line.Kind.ADDEND)
                && figure.kind() == MarkKind.DIGIT
                && figure.isInMiddle();
    }

    /** The figures with each row in the line of the row that it is most like. */
    List<Read> read() {
        Map<Line, Line> lines = assigned();
        if (lines.entrySet().stream().allMatch(each -> each.getKey().equals(each.getValue()))) {
            return way.read();
        }
        List<Read> read = new ArrayList<>();
        for (Read each : way.read()) {
            read.add(moved(each, lines));
        }
        return read;
    }

    private Read moved(Read each, Map<Line, Line> lines) {
        PaperFigure figure = each.as();
        if (!figure.block().isFirst(block)) {
            return each;
        }
        if (figure.line().is(Line.Kind.ADDEND)) {
            return lines.containsKey(figure.line()) ? in(lines.get(figure.line()), each) : each;
        }
        Anchor anchor = figure.anchor();
        if (figure.line().is(Line.Kind.ROW_CARRIES) && anchor != null) {
            Line own = Line.addend(figure.line().number());
            Line other = Line.of(Line.Kind.ROW_CARRIES, lines.getOrDefault(own, own).number());
            // Carries may have stayed in the order in which the digits below stand.
            return figure.text().equals(small.get(key(figure, figure.line(), anchor))) ? each : in(other, each);
        }
        return each;
    }

    private static Figure.Key key(PaperFigure figure, Line line, Anchor anchor) {
        return new Figure.Key(figure.block(), line, figure.place(), anchor, figure.isStroke());
    }

    private static Read in(Line line, Read each) {
        PaperFigure figure = each.as();
        return figure.line().equals(line) ? each
                : new Read(figure.withLine(line), each.stands());
    }

    /** For each line that is written the line it is read as: rows that agree first, then what is most alike, then its own. */
    private Map<Line, Line> assigned() {
        Map<Line, Line> lines = new LinkedHashMap<>();
        for (double least : new double[] {1, MOSTLY}) {
            there.keySet().stream().filter(line -> !lines.containsKey(line)).forEach(line -> expected.keySet().stream()
                    .filter(row -> !lines.containsValue(row) && like(line, row) >= least)
                    .max(Comparator.<Line>comparingDouble(row -> like(line, row))
                            .thenComparing(row -> row.equals(line)))
                    .ifPresent(row -> lines.put(line, row)));
        }
        for (Line line : there.keySet()) {
            if (!lines.containsKey(line)) {
                Line own = expected.containsKey(line) && !lines.containsValue(line) ? line : null;
                Line free =
                        expected.keySet().stream().filter(row -> !lines.containsValue(row)).findFirst().orElse(line);
                lines.put(line, own == null ? free : own);
            }
        }
        return lines;
    }

    private double like(Line line, Line row) {
        return like(Objects.requireNonNull(there.get(line)), Objects.requireNonNull(expected.get(row)));
    }

    /** How far a row that stands there is one that belongs: the share of its figures that agree, of what either has. */
    private static double like(TreeMap<Integer, String> stands, TreeMap<Integer, String> belongs) {
        boolean zeros = stands.values().stream().allMatch("0"::equals);
        boolean row = belongs.values().stream().allMatch("0"::equals);
        if (zeros || row) {
            return zeros && row ? 1 : 0;
        }
        int agree = 0;
        int all = 0;
        for (Map.Entry<Integer, String> figure : belongs.entrySet()) {
            String there = stands.get(figure.getKey());
            boolean placeholder = there == null && figure.getKey() < stands.firstKey() && figure.getValue().equals("0");
            all += placeholder ? 0 : 1;
            agree += figure.getValue().equals(there) ? 1 : 0;
        }
        for (Map.Entry<Integer, String> figure : stands.entrySet()) {
            boolean inFront = figure.getKey() > belongs.lastKey() && figure.getValue().equals("0");
            boolean placeholder = figure.getKey() < belongs.firstKey() && figure.getValue().equals("0");
            all += belongs.containsKey(figure.getKey()) || inFront || placeholder ? 0 : 1;
        }
        return all == 0 ? 0 : (double) agree / all;
    }
}
