package bemble.core.subtraction;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.ColumnAdder;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.style.MethodName;
import bemble.core.style.carry.CarryPlace;
import bemble.core.subtraction.column.SubtractionPaper;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import java.util.List;

/** A subtraction set out as it is given, and the two numbers added. */
final class AddedInstead implements Method<Subtraction> {
    @Override
    public MethodName name() {
        return MethodName.COLUMN;
    }

    @Override
    public Outcome write(Subtraction subtraction, Desk desk) {
        SubtractionPaper paper = SubtractionPaper.setOut(subtraction, desk);
        Block block = paper.block();
        Stack stack = new Stack(List.of(paper.minuend(), paper.subtrahend()));
        ColumnSum sum = ColumnAdder.add(stack, desk.style().padsZeros(), block, carries(block, desk), desk);
        return new Outcome(Answer.of(sum.sum(), desk.style()), () -> new ColumnRecord(sum.columns()));
    }

    /** Where the style has carries, with a line made for them where the subtraction has none. */
    private static CarrySpots carries(Block block, Desk desk) {
        if (desk.carriesStand(CarryPlace.ABOVE_NEXT)) {
            block.lineAbove(SubtractionPaper.MINUEND, Line.CARRIES);
        } else if (desk.carriesStand(CarryPlace.UNDER_ANSWER)) {
            block.line(Line.UNDER);
        } else if (desk.carriesStand(CarryPlace.ON_THE_RULE)) {
            return new CarrySpots(block, SubtractionPaper.SUBTRAHEND, Anchor.BEFORE_LOW);
        }
        return CarrySpots.of(desk.style().carryPlace(), block, SubtractionPaper.SUBTRAHEND);
    }
}
