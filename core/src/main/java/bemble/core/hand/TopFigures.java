package bemble.core.hand;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** The figures of a minuend as they stand after the exchanges so far. */
public final class TopFigures {
    private final Map<Integer, Integer> figures = new HashMap<>();
    private final Set<Integer> touched = new HashSet<>();
    private final int highest;

    public TopFigures(Placed minuend, int lowest) {
        highest = minuend.highest();
        for (int place = lowest; place <= highest; place++) {
            figures.put(place, minuend.digit(place));
        }
    }

    public int highest() {
        return highest;
    }

    /** The figure in that place, 0 beyond the number. */
    public int at(int place) {
        return figures.getOrDefault(place, 0);
    }

    /** Whether no exchange has changed the figure in that place. */
    public boolean isUntouched(int place) {
        return !touched.contains(place);
    }

    public void exchange(Exchange exchange) {
        touched.add(exchange.from());
        touched.add(exchange.to());
        figures.put(exchange.from(), exchange.fromAfter());
        figures.put(exchange.to(), exchange.toAfter());
    }
}
