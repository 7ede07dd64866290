package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.record.Answer;
import bemble.core.record.CrossedColumn;
import bemble.core.record.CrosswiseRecord;
import bemble.core.say.CrosswiseTalk;
import bemble.core.style.CarryPlace;
import bemble.core.style.Way;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Finds each digit of a product as the sum of all products of digits that land in its place. */
final class CrosswiseMultiplication implements Method<Multiplication> {
    private static final String TOP = "top";
    private static final String BOTTOM = "bottom";
    /** As many squares as a listed product takes. */
    private static final int PRODUCT_SQUARES = 4;

    @Override
    public Way way() {
        return Way.CROSSWISE;
    }

    @Override
    public Outcome write(Multiplication multiplication, Hand hand, Pen pen) {
        Numeral a = multiplication.multiplicand();
        Numeral b = multiplication.multiplier();
        int length = Math.max(a.length(), b.length());
        CrosswiseTalk talk = new CrosswiseTalk(pen.style());
        Block block = setOut(a, b, length, talk, pen);
        Block list = pen.block("products", Placement.rightOf(block, TOP, 1));
        CarrySpots carries = pen.style().carryPlace() == CarryPlace.BEFORE_NEXT_DIGIT
                ? new CarrySpots(block, Lines.ANSWER, Anchor.BEFORE_HIGH)
                : new CarrySpots(block.line(Lines.UNDER), Lines.UNDER, Anchor.HIGH);
        int highest = a.isZero() || b.isZero() ? 0 : a.highest() + b.highest();
        List<CrossedColumn> columns = new ArrayList<>();
        int carry = 0;
        for (int place = 0; place <= 2 * length - 2; place++) {
            boolean last = place == 2 * length - 2;
            List<List<Integer>> pairs = pairs(a, b, place, length);
            List<Integer> products = pairs.stream().map(pair -> hand.product(pair.get(0), pair.get(1))).toList();
            int sum = hand.total(products, 0);
            int total = hand.total(List.of(sum), carry);
            int digit = last ? hand.lastDigit(total) : hand.digit(total);
            int out = last ? hand.inFront(total) : hand.carry(total);
            columns.add(new CrossedColumn(place, pairs, sum, carry, total, digit, out));
            boolean nothing = total == 0 && place > highest;
            pen.step(StepKind.PRODUCT, block, place, talk.column(place, pairs, carry, total, nothing));
            cross(block, list, Math.max(0, place - length + 1), place, pairs, products, pen);
            if (!nothing) {
                pen.figure(StepKind.DIGIT, block, place, talk.digit(place, total, digit, out, last));
                pen.inFront(block, Lines.ANSWER, place + 1, last ? out : 0);
                pen.digit(block.at(Lines.ANSWER, place), digit, Role.WRITTEN);
                if (!last && out > 0) {
                    pen.figure(StepKind.CARRY, block, place, talk.carry(place, out));
                    carries.write(pen, place + 1, out);
                }
            }
            carry = out;
        }
        Numeral answer = Numeral.of(pen.read(block, Lines.ANSWER));
        return new Outcome(Answer.of(answer, pen.style()), new CrosswiseRecord(columns));
    }

    private static Block setOut(Numeral a, Numeral b, int length, CrosswiseTalk talk, Pen pen) {
        Block block = pen.block("product", pen.start());
        new StackPaper(block, pen).headsLine();
        block.line(TOP).line("between").line(BOTTOM).line(Lines.ANSWER);
        pen.step(StepKind.SET_OUT, block, null, talk.setOut(a, b));
        new StackPaper(block, pen).heads(length - 1, 0);
        for (int place = length - 1; place >= 0; place--) {
            pen.digit(block.at(TOP, place), a.digit(place), a.has(place) ? Role.GIVEN : Role.PADDING);
            pen.digit(block.at(BOTTOM, place), b.digit(place), b.has(place) ? Role.GIVEN : Role.PADDING);
        }
        pen.sign(block.at(BOTTOM, length), Operation.MULTIPLICATION.sign());
        pen.rule(block, Lines.ANSWER, length, 0);
        return block;
    }

    /** The digits whose product lands in a place, the place of the first rising, padding zeros included. */
    private static List<List<Integer>> pairs(Numeral a, Numeral b, int place, int length) {
        List<List<Integer>> pairs = new ArrayList<>();
        for (int i = Math.max(0, place - length + 1); i <= Math.min(place, length - 1); i++) {
            pairs.add(List.of(a.digit(i), b.digit(place - i)));
        }
        return pairs;
    }

    /**
     * The crossing lines between the digits multiplied, and their products listed beside, for a while.
     *
     * @param first the place of the first pair's upper digit
     */
    private static void cross(Block block, Block list, int first, int place, List<List<Integer>> pairs,
            List<Integer> products, Pen pen) {
        for (int n = 0; n < pairs.size(); n++) {
            int i = first + n;
            pen.mark(MarkKind.LINE, block.at(TOP, i), block.at(BOTTOM, place - i), "", Role.CARRY, Size.FULL,
                    Anchor.MIDDLE);
            pen.forAWhile();
            String line = "product-" + (n + 1);
            list.line(line);
            pen.mark(MarkKind.LABEL, list.at(line, PRODUCT_SQUARES - 1), list.at(line, 0),
                    pairs.get(n).get(0) + " × " + pairs.get(n).get(1) + " = " + products.get(n), Role.JOT, Size.SMALL,
                    Anchor.MIDDLE);
            pen.forAWhile();
        }
    }
}
