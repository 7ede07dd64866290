package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.record.AddedColumn;
import bemble.core.say.AdditionTalk;
import bemble.core.style.NumberOrder;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.StepKind;
import java.util.Comparator;
import java.util.List;

/**
 * Numbers set out under each other and added.
 *
 * @param addends as they stand, top to bottom
 * @param columns right to left
 */
record WrittenSum(List<Numeral> addends, List<AddedColumn> columns, Numeral sum) {
    /** Sets the numbers out in a new block and adds them. */
    static WrittenSum write(List<Numeral> numbers, Placement where, Hand hand, Pen pen) {
        List<Numeral> addends = topToBottom(numbers, pen.style().order());
        Stack stack = new Stack(hand.lineUp(addends));
        Block block = pen.block("sum", where);
        String last = Lines.addend(addends.size());
        SumFrame frame = new SumFrame(block, pen);
        setOut(stack, addends, last, frame);
        return new WrittenSum(addends, frame.add(stack, last, hand), frame.sum());
    }

    private static List<Numeral> topToBottom(List<Numeral> addends, NumberOrder order) {
        return order != NumberOrder.LONGER_ON_TOP ? addends
                : addends.stream().sorted(Comparator.comparingInt(Numeral::highest).reversed()).toList();
    }

    private static void setOut(Stack stack, List<Numeral> addends, String last, SumFrame frame) {
        Block block = frame.block();
        Pen pen = frame.pen();
        StackPaper paper = new StackPaper(block, pen);
        paper.headsLine();
        frame.above();
        for (int i = 1; i <= addends.size(); i++) {
            block.line(Lines.addend(i));
        }
        frame.below();
        pen.step(StepKind.SET_OUT, block, null, new AdditionTalk(pen.style()).setOut(addends));
        paper.heads(stack.highest(), stack.lowest());
        int i = 0;
        for (Placed number : stack.numbers()) {
            paper.number(Lines.addend(++i), number, stack);
        }
        frame.ruleOff(last, stack);
    }
}
