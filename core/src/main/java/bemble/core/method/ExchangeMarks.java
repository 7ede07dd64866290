package bemble.core.method;

import bemble.core.hand.Exchange;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.util.HashMap;
import java.util.Map;

/** Writes exchanges over a minuend: struck figures, and the new ones stacked above them. */
final class ExchangeMarks {
    private static final int LETTERS_A_SQUARE = 4;

    private final Difference paper;
    private final Pen pen;
    /** How many figures stand above each place. */
    private final Map<Integer, Integer> stacked = new HashMap<>();

    private Block beside;

    ExchangeMarks(Difference paper, Pen pen) {
        this.paper = paper;
        this.pen = pen;
    }

    /** Writes the exchange beside the sum in values, such as {@code 600 + 40 = 500 + 140}. */
    void expand(String inValues) {
        if (beside == null) {
            beside = pen.block("values", Placement.rightOf(paper.block(), Difference.MINUEND, 2));
        }
        String line = "exchange-" + (beside.lines().size() + 1);
        beside.line(line);
        int squares = 1 + inValues.length() / LETTERS_A_SQUARE;
        pen.mark(MarkKind.LABEL, beside.at(line, 0), beside.at(line, -squares), inValues, Role.FRAME, Size.SMALL,
                Anchor.MIDDLE);
    }

    /** @param last whether the ten has come to the column that needs it */
    void write(Exchange exchange, boolean last) {
        if (exchange.fromAfter() != exchange.fromBefore()) {
            replace(exchange.from(), exchange.fromAfter());
        }
        if (last && pen.style().writesTenInFront() && exchange.toBefore() < 10) {
            pen.small(paper.block().at(line(exchange.to()), exchange.to()), 1, Role.EXCHANGE,
                    height(exchange.to()) == 0 ? Anchor.BEFORE_HIGH : Anchor.BEFORE);
        } else {
            replace(exchange.to(), exchange.toAfter());
        }
    }

    /** Strikes the figure that stands in a place and writes another above it. */
    private void replace(int place, int figure) {
        boolean given = height(place) == 0;
        pen.strike(paper.block().at(line(place), place), Role.EXCHANGE, given ? Size.FULL : Size.SMALL, Anchor.MIDDLE);
        Block block = paper.block();
        String below = line(place);
        stacked.merge(place, 1, Integer::sum);
        block.lineAbove(below, line(place));
        pen.small(block.at(line(place), place), figure, Role.EXCHANGE, Anchor.MIDDLE);
    }

    private int height(int place) {
        return stacked.getOrDefault(place, 0);
    }

    /** The line in which a place's figure stands now. */
    private String line(int place) {
        return height(place) == 0 ? Difference.MINUEND : "exchanged-" + height(place);
    }
}
