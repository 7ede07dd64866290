package bemble.core.method;

import bemble.core.hand.Exchange;
import bemble.core.hand.Hand;
import bemble.core.hand.TopFigures;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.record.DecompositionRecord;
import bemble.core.record.SubtractedColumn;
import bemble.core.say.SubtractionTalk;
import bemble.core.style.Way;
import bemble.core.working.Pen;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Subtracts from the right; where the top digit is too small, one of the next place is exchanged for ten. */
final class Decomposition implements Method<Subtraction> {
    @Override
    public Way way() {
        return Way.DECOMPOSITION;
    }

    @Override
    public Outcome write(Subtraction subtraction, Hand hand, Pen pen) {
        SubtractionTalk talk = new SubtractionTalk(pen.style());
        Difference paper = Difference.setOut(subtraction, hand.lineUp(subtraction.operands()), talk, pen);
        TopFigures tops = new TopFigures(paper.minuend(), paper.lowest());
        ExchangeMarks marks = new ExchangeMarks(paper, pen);
        List<SubtractedColumn> columns = new ArrayList<>();
        List<Exchange> exchanges = new ArrayList<>();
        for (int place = paper.lowest(); place <= paper.highest(); place++) {
            int bottom = paper.subtrahend().digit(place);
            boolean exchanged = hand.needsTen(tops.at(place), bottom, tops.isUntouched(place));
            if (exchanged) {
                List<Exchange> needed = hand.exchanges(tops, place);
                for (Exchange exchange : needed) {
                    pen.step(StepKind.EXCHANGE, paper.block(), place,
                            talk.exchange(place, tops.at(place), bottom, exchange, exchange == needed.get(0)));
                    marks.write(exchange, exchange.to() == place);
                    if (pen.style().expandsExchanges()) {
                        marks.expand(talk.inValues(exchange));
                    }
                    tops.exchange(exchange);
                    exchanges.add(exchange);
                }
            }
            int top = tops.at(place);
            int digit = hand.difference(top, bottom, tops.isUntouched(place));
            boolean nothingLeft = digit == 0 && place > 0 && isUsedUp(tops, paper, place + 1);
            pen.step(StepKind.DIFFERENCE, paper.block(), place, talk.column(place, top, bottom, digit,
                    paper.subtrahend().has(place), nothingLeft));
            if (!nothingLeft) {
                paper.write(place, digit);
            }
            columns.add(new SubtractedColumn(place, top, bottom, digit, exchanged));
        }
        return new Outcome(paper.answer(), new DecompositionRecord(columns, exchanges));
    }

    /** Whether the columns from a place on leave nothing, so that no 0 is written in front. */
    private static boolean isUsedUp(TopFigures tops, Difference paper, int from) {
        for (int place = from; place <= paper.highest(); place++) {
            if (tops.at(place) != paper.subtrahend().digit(place)) {
                return false;
            }
        }
        return true;
    }
}
