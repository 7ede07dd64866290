package bemble.core.multiplication;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import java.util.List;

/** A multiplication set out as it is given, and the two numbers added. */
final class AddedInstead implements Method<Multiplication> {
    @Override
    public MethodName name() {
        return MethodName.COLUMN;
    }

    @Override
    public Outcome write(Multiplication multiplication, Desk desk) {
        ProductPaper paper = ProductPaper.setOut(multiplication, desk);
        StackPaper stack = new StackPaper(paper.block(), desk);
        stack.below();
        Stack numbers = Stack.of(List.of(paper.top(), paper.bottom()));
        stack.ruleOff(ProductPaper.BOTTOM, numbers, Operation.MULTIPLICATION);
        ColumnSum sum = stack.add(numbers, ProductPaper.BOTTOM);
        return new Outcome(Answer.of(sum.sum(), desk.style()), () -> new ColumnRecord(sum.columns()));
    }
}
