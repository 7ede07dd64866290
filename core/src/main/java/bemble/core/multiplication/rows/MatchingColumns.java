package bemble.core.multiplication.rows;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.multiplication.product.Product;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.Digit;
import bemble.core.stack.WrittenLine;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.StepKind;
import org.jspecify.annotations.Nullable;

/**
 * No school's procedure but a slip's: multiplies only ones by ones, tens by tens and so on, as if a product were a
 * sum; a top digit with nothing below it comes down.
 */
public final class MatchingColumns implements Method<Multiplication> {
    @Override
    public MethodName name() {
        return MethodName.MATCHING_COLUMNS;
    }

    @Override
    public Outcome write(Multiplication multiplication, Desk desk) {
        ProductPaper paper = ProductPaper.setOut(multiplication, desk);
        Block block = paper.block();
        new StackPaper(block, desk).below();
        desk.rule(block, Line.ANSWER, paper.top().highest() + 1, 0);
        @Nullable
        CarrySpots carries = new RowCarrySpots(block, desk).of(1, Line.ANSWER, null);
        int from = desk.mark();
        WrittenLine answer = new WrittenLine(0);
        int carry = 0;
        for (int place = 0; place <= paper.top().highest(); place++) {
            carry = column(paper.top(), paper.bottom(), place, carry, block, carries, answer, desk);
        }
        int to = desk.mark();
        desk.answerStandsIn(block, Line.ANSWER);
        return new Outcome(Answer.of(answer.read(), desk.style()),
                () -> new MatchedRecord(RowWriter.columns(desk.decisions(from, to))));
    }

    private static int column(Numeral top, Numeral bottom, int place, int carryIn, Block block,
            @Nullable CarrySpots carries,
            WrittenLine answer, Desk desk) {
        boolean last = place == top.highest();
        int factor = bottom.has(place) ? bottom.digit(place) : 1;
        desk.step(StepKind.PRODUCT, block, place, RowWords::product);
        int product = desk.ask(new Product(place, place, factor, top.digit(place)));
        int total = desk.ask(new WithCarry(place, factor, top.digit(place), product, carryIn, 0, last));
        if (last) {
            desk.figure(StepKind.DIGIT, block, place, RowWords.last(place));
            int inFront = desk.ask(new InFront(block.at(Line.ANSWER, place + 1), total, 0, true));
            answer.put(desk.ask(new Digit(block.at(Line.ANSWER, place), total, true, false, true)));
            if (inFront > 0) {
                answer.put(inFront);
            }
            return inFront;
        }
        return Carry.written(desk, () -> {
            desk.figure(StepKind.DIGIT, block, place, RowWords.digit(place));
            answer.put(desk.ask(new Digit(block.at(Line.ANSWER, place), total, false, false, true)));
        }, () -> ProductCarry.write(block, carries, place, total, carryIn, desk));
    }
}
