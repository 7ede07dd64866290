package bemble.core.marking;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.Read;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The small figures over a minuend at whatever height they stand; zeros struck straight to 9 among them. */
final class ExchangeHeights {
    private final Way way;
    /** What a careful hand writes over each column, from the lowest height up. */
    private final Map<Integer, TreeMap<Integer, String>> expected = new HashMap<>();

    ExchangeHeights(Way way) {
        this.way = way;
        Written.asFarAs(Hand.CAREFUL, way.problem(), way.method(), way.style(), false).ink().stream()
                .filter(figure -> figure.kind() == MarkKind.DIGIT)
                .map(figure -> Map.entry(figure.key(), figure.text()))
                .filter(figure -> figure.getKey().line().is(Line.Kind.EXCHANGED))
                .forEach(figure -> expected.computeIfAbsent(figure.getKey().place(), place -> new TreeMap<>())
                        .put(figure.getKey().line().number(), figure.getValue()));
    }

    private static boolean isOverMinuend(PaperFigure figure) {
        return figure.line().is(Line.Kind.EXCHANGED) && figure.kind() == MarkKind.DIGIT
                && figure.isInMiddle();
    }

    List<Read> read() {
        Map<Integer, TreeMap<Integer, Read>> columns = new HashMap<>();
        way.read().stream().filter(each -> isOverMinuend(each.as())).forEach(each -> columns
                .computeIfAbsent(each.as().place(), place -> new TreeMap<>()).put(each.as().line().number(), each));
        Map<Read, Integer> heights = new HashMap<>();
        columns.forEach(
                (place, column) -> heights.putAll(heights(column, expected.getOrDefault(place, new TreeMap<>()))));
        List<Read> read = new ArrayList<>();
        for (Read each : way.read()) {
            Integer height = heights.get(each);
            PaperFigure as = each.as();
            read.add(height == null || height == as.line().number() ? each
                    : new Read(as.withLine(Line.of(Line.Kind.EXCHANGED, height)), each.stands()));
        }
        return read;
    }

    /** The heights at which what stands over a column says what belongs there, from the lowest up; none where it does not. */
    private static Map<Read, Integer> heights(TreeMap<Integer, Read> column, TreeMap<Integer, String> expected) {
        Map<Read, Integer> heights = new HashMap<>();
        List<Map.Entry<Integer, String>> belongs = List.copyOf(expected.entrySet());
        int next = 0;
        for (Read each : column.values()) {
            while (next < belongs.size() && !belongs.get(next).getValue().equals(each.as().text())) {
                next++;
            }
            if (next == belongs.size()) {
                return Map.of();
            }
            heights.put(each, belongs.get(next).getKey());
            next++;
        }
        return heights;
    }
}
