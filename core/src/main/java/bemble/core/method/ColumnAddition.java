package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.record.AddedColumn;
import bemble.core.record.Answer;
import bemble.core.record.ColumnRecord;
import bemble.core.say.AdditionTalk;
import bemble.core.style.CarryPlace;
import bemble.core.style.NumberOrder;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.StepKind;
import java.util.Comparator;
import java.util.List;

/** Sets the addends out under each other and adds from the right, carrying tens into the next column. */
final class ColumnAddition implements Method<Addition> {
    @Override
    public String id() {
        return "column";
    }

    @Override
    public String label() {
        return "in columns";
    }

    @Override
    public Outcome write(Addition sum, Hand hand, Pen pen) {
        List<Numeral> addends = topToBottom(sum.addends(), pen.style().order());
        Stack stack = new Stack(hand.lineUp(addends));
        Block block = setOut(stack, addends, pen);
        CarrySpots carries =
                CarrySpots.of(pen.style().carryPlace(), block, Lines.addend(addends.size()));
        List<AddedColumn> columns = new ColumnAdder(stack, block, carries, hand, pen).add();
        Numeral answer = Numeral.of(pen.working().read(block, Lines.ANSWER));
        return new Outcome(Answer.of(answer.plain(), pen.style().number(answer)), new ColumnRecord(columns));
    }

    private static List<Numeral> topToBottom(List<Numeral> addends, NumberOrder order) {
        return order != NumberOrder.LONGER_ON_TOP ? addends
                : addends.stream().sorted(Comparator.comparingInt(Numeral::highest).reversed()).toList();
    }

    private static Block setOut(Stack stack, List<Numeral> addends, Pen pen) {
        Block block = pen.block("sum", pen.start());
        StackPaper paper = new StackPaper(block, pen);
        paper.headsLine();
        if (pen.style().carryPlace() == CarryPlace.ABOVE_NEXT) {
            block.line(Lines.CARRIES);
        }
        for (int i = 1; i <= addends.size(); i++) {
            block.line(Lines.addend(i));
        }
        if (pen.style().carryPlace() == CarryPlace.ON_THE_RULE) {
            block.line(Lines.ON_RULE);
        }
        block.line(Lines.ANSWER);
        if (pen.style().carryPlace() == CarryPlace.UNDER_ANSWER) {
            block.line(Lines.UNDER);
        }
        pen.step(StepKind.SET_OUT, block, null, new AdditionTalk(pen.style()).setOut(addends));
        paper.heads(stack.highest(), stack.lowest());
        int i = 0;
        for (Placed number : stack.numbers()) {
            paper.number(Lines.addend(++i), number, stack);
        }
        pen.sign(block.at(Lines.addend(addends.size()), stack.highest() + 1), Operation.ADDITION.sign());
        pen.rule(block, Lines.ANSWER, stack.highest() + 1, stack.lowest());
        return block;
    }
}
