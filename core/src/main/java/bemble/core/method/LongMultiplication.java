package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.record.Answer;
import bemble.core.record.ColumnRecord;
import bemble.core.record.LongMultiplicationRecord;
import bemble.core.record.ProductRow;
import bemble.core.say.MultiplicationTalk;
import bemble.core.style.NumberOrder;
import bemble.core.style.Way;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Multiplies the upper number by each digit of the lower, a row a digit, and adds the rows. */
final class LongMultiplication implements Method<Multiplication> {
    static final String TOP = "top";
    static final String BOTTOM = "bottom";

    @Override
    public Way way() {
        return Way.LONG_MULTIPLICATION;
    }

    @Override
    public Outcome write(Multiplication multiplication, Hand hand, Pen pen) {
        boolean turned = pen.style().order() != NumberOrder.KEPT && isLonger(multiplication);
        Numeral top = turned ? multiplication.multiplier() : multiplication.multiplicand();
        Numeral bottom = turned ? multiplication.multiplicand() : multiplication.multiplier();
        MultiplicationTalk talk = new MultiplicationTalk(pen.style());
        Block block = setOut(top, bottom, talk, pen);
        ProductRowWriter writer = new ProductRowWriter(block, top, bottom, hand, pen, talk);
        int written = (int) bottom.digits().chars().filter(c -> !hand.isZeroRow(c - '0', top)).count();
        List<ProductRow> rows = new ArrayList<>();
        List<Placed> stack = new ArrayList<>();
        for (int place = 0; place <= bottom.highest(); place++) {
            int digit = bottom.digit(place);
            boolean zero = hand.isZeroRow(digit, top);
            String line = written == 1 && !zero || written == 0 && place == 0 ? Lines.ANSWER
                    : Lines.addend(place + 1);
            ProductRow row = zero ? writer.zeroRow(place, digit, line, written) : writer.write(place, digit, line);
            rows.add(row);
            if (!zero) {
                stack.add(new Placed(Numeral.of(row.value()), 0));
            }
        }
        ColumnRecord sum = stack.size() < 2 ? null
                : new ColumnRecord(new SumFrame(block, pen)
                .addUp(new Stack(stack), writer.lastLine(), talk.addRows(stack.size()), hand));
        Numeral answer = Numeral.of(pen.read(block, Lines.ANSWER));
        return new Outcome(Answer.of(answer, pen.style()),
                new LongMultiplicationRecord(top.plain(), bottom.plain(), rows, sum));
    }

    private static boolean isLonger(Multiplication multiplication) {
        return multiplication.multiplier().compareTo(multiplication.multiplicand()) > 0;
    }

    private static Block setOut(Numeral top, Numeral bottom, MultiplicationTalk talk, Pen pen) {
        Block block = pen.block("product", pen.start());
        Stack stack = new Stack(List.of(new Placed(top, 0), new Placed(bottom, 0)));
        StackPaper paper = new StackPaper(block, pen);
        paper.headsLine();
        block.line(TOP).line(BOTTOM);
        pen.step(StepKind.SET_OUT, block, null, talk.setOut(top, bottom));
        paper.heads(stack.highest(), 0);
        pen.digits(block, TOP, new Placed(top, 0), Role.GIVEN);
        pen.digits(block, BOTTOM, new Placed(bottom, 0), Role.GIVEN);
        pen.sign(block.at(BOTTOM, stack.highest() + 1), Operation.MULTIPLICATION.sign());
        new SumFrame(block, pen).above();
        return block;
    }
}
