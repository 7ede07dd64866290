package bemble.core.subtraction.exchange;

import bemble.core.hand.Desk;
import bemble.core.hand.Stuck;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.ExchangeWords;
import bemble.core.subtraction.column.Lowered;
import bemble.core.subtraction.column.NeedsTen;
import bemble.core.subtraction.column.Raised;
import bemble.core.subtraction.column.TopFigures;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Brings ten to a column that needs it, one place at a time. */
final class ExchangeWriter {
    private static final int LETTERS_A_SQUARE = 4;
    private final Block block;
    private final Line minuendLine;
    private final TopFigures tops;
    private final Desk desk;
    private @Nullable Block beside;

    ExchangeWriter(Block block, Line minuendLine, TopFigures tops, Desk desk) {
        this.block = block;
        this.minuendLine = minuendLine;
        this.tops = tops;
        this.desk = desk;
    }

    /** Asks whether a column needs ten. */
    boolean needsTen(int place, int bottom, boolean last) {
        return desk.ask(new NeedsTen(place, tops.at(place), bottom, tops.isUntouched(place),
                tops.isGiven(place), last ? -1 : tops.at(place + 1), last));
    }

    /** Exchanges until the column has its ten. */
    void bringTen(int place, int bottom) {
        int top = tops.at(place);
        int giver = desk.ask(new Giver(place, left(place), tops.highest()));
        if (!tops.reaches(giver)) {
            throw new Stuck("there is no column to get a ten from");
        }
        boolean first = true;
        int from = giver;
        while (from != place) {
            boolean begins = first;
            desk.step(StepKind.EXCHANGE, block, place,
                    said -> ExchangeWords.exchange(said, place, top, bottom, begins));
            from = exchange(from, place, first);
            first = false;
        }
    }

    private List<Integer> left(int place) {
        List<Integer> left = new ArrayList<>();
        for (int each = place + 1; each <= tops.highest(); each++) {
            left.add(tops.at(each));
            if (tops.at(each) > 0 && left.size() > 1) {
                // No hand looks further than the first that can give, and one beyond.
                break;
            }
        }
        return left;
    }

    /** Lowers one figure and raises another; where the ten has come to. */
    private int exchange(int from, int needing, boolean first) {
        boolean written = !desk.style().exchangesInTheHead();
        int before = tops.at(from);
        int lowered = desk.ask(new Lowered(tops.spot(from), before, needing, first, written));
        tops.set(from, lowered, written && lowered != before);
        int to = desk.ask(new Receiver(from, needing));
        int toBefore = tops.at(to);
        Raised question =
                new Raised(tops.spot(to), toBefore, needing, !first, written,
                        desk.style().writesTenInFront(to != needing));
        int raised = desk.ask(question);
        tops.set(to, raised, question.replaces(raised));
        if (desk.style().expandsExchanges() && desk.draws()) {
            expand(ExchangeWords.inValues(desk.style(), new Exchange(from, to, before, lowered, toBefore, raised)));
        }
        return to;
    }

    /** Writes the exchange beside the sum in values, such as {@code 600 + 40 = 500 + 140}. */
    private void expand(String inValues) {
        if (beside == null) {
            beside = desk.block(BlockName.Kind.VALUES, Placement.rightOf(block, minuendLine, 2));
        }
        Line line = Line.of(Line.Kind.EXCHANGE, beside.lines().size() + 1);
        beside.line(line);
        int squares = 1 + inValues.length() / LETTERS_A_SQUARE;
        desk.draw(MarkKind.LABEL, beside.at(line, 0), beside.at(line, -squares), inValues, Role.FRAME, Size.SMALL,
                Anchor.MIDDLE);
    }
}
