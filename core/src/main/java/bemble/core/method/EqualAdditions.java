package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.record.EqualAdditionsRecord;
import bemble.core.record.PaidColumn;
import bemble.core.say.EqualAdditionsTalk;
import bemble.core.say.SubtractionTalk;
import bemble.core.style.Way;
import bemble.core.working.Anchor;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Subtracts from the right; where the top digit is too small, ten are added above and one of the next place below. */
final class EqualAdditions implements Method<Subtraction> {
    @Override
    public Way way() {
        return Way.EQUAL_ADDITIONS;
    }

    @Override
    public Outcome write(Subtraction subtraction, Hand hand, Pen pen) {
        EqualAdditionsTalk talk = new EqualAdditionsTalk(pen.style());
        Difference paper =
                Difference.setOut(subtraction, hand.lineUp(subtraction.operands()), new SubtractionTalk(pen.style()), pen);
        List<PaidColumn> columns = new ArrayList<>();
        int payBack = 0;
        for (int place = paper.lowest(); place <= paper.highest(); place++) {
            int top = paper.minuend().digit(place);
            int bottom = paper.subtrahend().digit(place);
            boolean addsTen = hand.needsTen(top, bottom + payBack, true);
            int paidNext = 0;
            if (addsTen && place == paper.highest()) {
                throw new Stuck("there is no further column to pay back in");
            }
            if (addsTen) {
                pen.step(StepKind.EXCHANGE, paper.block(), place, talk.addTen(place, top, bottom + payBack));
                pen.small(paper.block().at(Difference.MINUEND, place), 1, Role.EXCHANGE, Anchor.BEFORE_HIGH);
                paidNext = hand.payBack();
                if (paidNext > 0) {
                    pen.small(paper.block().at(Difference.SUBTRAHEND, place + 1), paidNext, Role.EXCHANGE,
                            Anchor.BEFORE_LOW);
                }
            }
            int digit = hand.difference(addsTen ? top + 10 : top, bottom + payBack, true);
            boolean nothingLeft = digit == 0 && place > 0 && isUsedUp(paper, place + 1, paidNext);
            pen.step(StepKind.DIFFERENCE, paper.block(), place,
                    talk.column(place, addsTen ? top + 10 : top, bottom, payBack, digit, nothingLeft));
            if (!nothingLeft) {
                paper.write(place, digit);
            }
            columns.add(new PaidColumn(place, top, bottom, payBack, addsTen, digit));
            payBack = paidNext;
        }
        return new Outcome(paper.answer(), new EqualAdditionsRecord(columns));
    }

    /** Whether the columns from a place on leave nothing, so that no 0 is written in front. */
    private static boolean isUsedUp(Difference paper, int from, int payBack) {
        int paid = payBack;
        for (int place = from; place <= paper.highest(); place++) {
            int bottom = paper.subtrahend().digit(place) + paid;
            if (paper.minuend().digit(place) != bottom % 10) {
                return false;
            }
            paid = bottom / 10;
        }
        return true;
    }
}
