package bemble.core.multiplication.crosswise;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.multiplication.product.Product;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.multiplication.rows.ProductCarry;
import bemble.core.stack.adding.Carry;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.Digit;
import bemble.core.stack.LineUp;
import bemble.core.stack.WrittenLine;
import bemble.core.stack.adding.AddingWords;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.StackPaper;
import bemble.core.stack.adding.Total;
import bemble.core.style.MethodName;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Finds each digit of a product as the sum of all products of digits that land in its place. */
public final class CrosswiseMultiplication implements Method<Multiplication> {
    /** As many squares as a listed product takes. */
    private static final int PRODUCT_SQUARES = 4;
    private static final int NO_ROW = 0;

    @Override
    public MethodName name() {
        return MethodName.CROSSWISE;
    }

    @Override
    public Outcome write(Multiplication multiplication, Desk desk) {
        Numeral a = multiplication.multiplicand();
        Numeral b = multiplication.multiplier();
        int length = Math.max(a.length(), b.length());
        Block block = setOut(a, b, length, desk);
        Block list = desk.block(BlockName.Kind.PRODUCTS, Placement.rightOf(block, ProductPaper.TOP, 1));
        CarrySpots carries = desk.carriesStand(CarryPlace.BEFORE_NEXT_DIGIT)
                ? new CarrySpots(block, Line.ANSWER, Anchor.BEFORE_HIGH)
                : new CarrySpots(block.line(Line.UNDER), Line.UNDER, Anchor.HIGH);
        int highest = a.isZero() || b.isZero() ? 0 : a.highest() + b.highest();
        int from = desk.mark();
        WrittenLine answer = new WrittenLine(0);
        int carry = 0;
        for (int place = 0; place <= 2 * length - 2; place++) {
            boolean last = place == 2 * length - 2;
            List<List<Integer>> pairs = pairs(a, b, place, length);
            desk.step(StepKind.PRODUCT, block, place, CrossWords::column);
            List<Integer> products = new ArrayList<>();
            for (List<Integer> pair : pairs) {
                products.add(desk.ask(new Product(place, NO_ROW, pair.get(0), pair.get(1))));
            }
            cross(block, list, Math.max(0, place - length + 1), place, pairs, products, desk);
            int sum = desk.ask(new CrossSum(place, pairs, List.copyOf(products)));
            int total = desk.ask(new Total(place, List.of(sum), carry));
            carry = write(block, carries, place, total, carry, last, place > highest, answer, desk);
        }
        int to = desk.mark();
        desk.answerStandsIn(block, Line.ANSWER);
        return new Outcome(Answer.of(answer.read(), desk.style()), () -> record(desk.decisions(from, to)));
    }

    private static int write(Block block, CarrySpots carries, int place, int total, int carryIn, boolean last,
            boolean beyond, WrittenLine answer, Desk desk) {
        boolean nothing = total == 0 && beyond;
        if (!last) {
            return Carry.written(desk, () -> {
                if (!nothing) {
                    desk.figure(StepKind.DIGIT, block, place, AddingWords::digit);
                }
                digit(block, place, total, false, nothing, answer, desk);
            }, () -> ProductCarry.write(block, carries, place, total, carryIn, desk));
        }
        if (!nothing) {
            desk.figure(StepKind.DIGIT, block, place,
                    said -> AddingWords.last(said, place, "This is the last column: write "));
        }
        int inFront = desk.ask(new InFront(block.at(Line.ANSWER, place + 1), total, 0, true));
        digit(block, place, total, true, nothing, answer, desk);
        if (inFront > 0) {
            answer.put(inFront);
        }
        return inFront;
    }

    private static void digit(Block block, int place, int total, boolean last, boolean nothing, WrittenLine answer,
            Desk desk) {
        Decision<Integer> digit = desk.decide(new Digit(block.at(Line.ANSWER, place), total, last, nothing, true));
        if (digit.written()) {
            answer.put(digit.decided());
        }
    }

    private static CrosswiseRecord record(List<Decision<?>> decisions) {
        List<CrossedColumn> columns = new ArrayList<>();
        CrossSum sum = null;
        int added = 0;
        Total total = null;
        int worked = 0;
        int digit = 0;
        int out = 0;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof CrossSum next) {
                if (sum != null && total != null) {
                    columns.add(
                            new CrossedColumn(sum.place(), sum.pairs(), added, total.carryIn(), worked, digit, out));
                }
                sum = next;
                added = (Integer) decision.decided();
                out = 0;
            } else if (decision.asked() instanceof Total asked) {
                total = asked;
                worked = (Integer) decision.decided();
            } else if (decision.asked() instanceof Digit) {
                digit = (Integer) decision.decided();
            } else if (decision.asked() instanceof Carry || decision.asked() instanceof InFront) {
                out = (Integer) decision.decided();
            }
        }
        if (sum != null && total != null) {
            columns.add(new CrossedColumn(sum.place(), sum.pairs(), added, total.carryIn(), worked, digit, out));
        }
        return new CrosswiseRecord(columns);
    }

    private static Block setOut(Numeral a, Numeral b, int length, Desk desk) {
        Block block = desk.block(BlockName.Kind.PRODUCT, desk.start());
        StackPaper paper = new StackPaper(block, desk).headsLine();
        block.line(ProductPaper.TOP).line(Line.of(Line.Kind.BETWEEN)).line(ProductPaper.BOTTOM).line(Line.ANSWER);
        desk.step(StepKind.SET_OUT, block, null, CrossWords::setOut);
        paper.heads(length - 1, 0);
        desk.ask(new LineUp(block, List.of(ProductPaper.TOP, ProductPaper.BOTTOM), List.of(a, b), true, '.'));
        desk.sign(block.at(ProductPaper.BOTTOM, length), Operation.MULTIPLICATION.sign());
        desk.rule(block, Line.ANSWER, length, 0);
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
     * What joins the digits multiplied, and their products listed beside, for a while.
     *
     * @param first the place of the first pair's upper digit
     */
    private static void cross(Block block, Block list, int first, int place, List<List<Integer>> pairs,
            List<Integer> products, Desk desk) {
        for (int n = 0; n < pairs.size() && desk.draws(); n++) {
            Spot above = block.at(ProductPaper.TOP, first + n);
            Spot below = block.at(ProductPaper.BOTTOM, place - first - n);
            if (desk.style().drawsCrossLines()) {
                desk.drawForAWhile(MarkKind.LINE, above, below, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
            } else {
                desk.drawForAWhile(MarkKind.WASH, above, above, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
                desk.drawForAWhile(MarkKind.WASH, below, below, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
            }
            if (desk.style().jotsCrossProducts()) {
                Line line = Line.of(Line.Kind.PRODUCT, n + 1);
                list.line(line);
                desk.drawForAWhile(MarkKind.LABEL, list.at(line, PRODUCT_SQUARES - 1), list.at(line, 0),
                        pairs.get(n).get(0) + " × " + pairs.get(n).get(1) + " = " + products.get(n), Role.JOT,
                        Size.SMALL,
                        Anchor.MIDDLE);
            }
        }
    }
}
