package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.record.Answer;
import bemble.core.record.MatchedRecord;
import bemble.core.record.MultipliedColumn;
import bemble.core.say.MultiplicationTalk;
import bemble.core.style.Way;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/**
 * No school's procedure but a slip's: multiplies only ones by ones, tens by tens and so on, as if a product were a
 * sum; a top digit with nothing below it comes down.
 */
final class MatchingColumns implements Method<Multiplication> {
    @Override
    public Way way() {
        return Way.MATCHING_COLUMNS;
    }

    @Override
    public Outcome write(Multiplication multiplication, Hand hand, Pen pen) {
        boolean turned = multiplication.multiplier().compareTo(multiplication.multiplicand()) > 0;
        Numeral top = turned ? multiplication.multiplier() : multiplication.multiplicand();
        Numeral bottom = turned ? multiplication.multiplicand() : multiplication.multiplier();
        MultiplicationTalk talk = new MultiplicationTalk(pen.style());
        Block block = setOut(top, bottom, talk, pen);
        CarrySpots carries = CarrySpots.of(pen.style().carryPlace(), block, LongMultiplication.BOTTOM);
        List<MultipliedColumn> columns = new ArrayList<>();
        int carry = 0;
        for (int place = 0; place <= top.highest(); place++) {
            boolean last = place == top.highest();
            int factor = bottom.has(place) ? bottom.digit(place) : 1;
            int product = hand.product(factor, top.digit(place));
            int total = hand.withCarry(factor, top.digit(place), product, carry);
            int digit = last ? hand.lastDigit(total) : hand.digit(total);
            int out = last ? hand.inFront(total) : hand.carry(total);
            pen.step(StepKind.PRODUCT, block, place, talk.product(place, factor, top.digit(place), product, carry, total));
            pen.figure(StepKind.DIGIT, block, place, last ? talk.last(place, total) : talk.digit(place, total, digit, out));
            if (last) {
                pen.inFront(block, Lines.ANSWER, place + 1, out);
            }
            pen.digit(block.at(Lines.ANSWER, place), digit, Role.WRITTEN);
            if (!last && out > 0) {
                pen.figure(StepKind.CARRY, block, place, talk.carry(place, out));
                carries.write(pen, place + 1, out);
            }
            columns.add(new MultipliedColumn(place, product, carry, total, digit, out));
            carry = out;
        }
        Numeral answer = Numeral.of(pen.read(block, Lines.ANSWER));
        return new Outcome(Answer.of(answer, pen.style()), new MatchedRecord(columns));
    }

    private static Block setOut(Numeral top, Numeral bottom, MultiplicationTalk talk, Pen pen) {
        Block block = pen.block("product", pen.start());
        SumFrame frame = new SumFrame(block, pen);
        frame.above();
        block.line(LongMultiplication.TOP).line(LongMultiplication.BOTTOM);
        frame.below();
        pen.step(StepKind.SET_OUT, block, null, talk.setOut(top, bottom));
        pen.digits(block, LongMultiplication.TOP, new Placed(top, 0), Role.GIVEN);
        pen.digits(block, LongMultiplication.BOTTOM, new Placed(bottom, 0), Role.GIVEN);
        pen.sign(block.at(LongMultiplication.BOTTOM, top.highest() + 1), Operation.MULTIPLICATION.sign());
        pen.rule(block, Lines.ANSWER, top.highest() + 1, 0);
        return block;
    }
}
