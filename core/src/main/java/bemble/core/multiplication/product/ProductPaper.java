package bemble.core.multiplication.product;

import bemble.core.hand.Desk;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.word.NumberOrder;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.List;

/** Two numbers set out to be multiplied, the longer one on top unless the style keeps their order. */
public record ProductPaper(Block block, Numeral top, Numeral bottom) {
    public static final Line TOP = Line.of(Line.Kind.TOP);
    public static final Line BOTTOM = Line.of(Line.Kind.BOTTOM);
    private static final List<Line> LINES = List.of(TOP, BOTTOM);

    public static ProductPaper setOut(Multiplication multiplication, Desk desk) {
        List<Numeral> numbers = topToBottom(multiplication, desk.style().order());
        Block block = desk.block(BlockName.Kind.PRODUCT, desk.start());
        StackPaper paper = new StackPaper(block, desk).headsLine();
        block.line(TOP).line(BOTTOM);
        boolean turned = !numbers.equals(multiplication.operands());
        desk.step(StepKind.SET_OUT, block, null, said -> setOut(said, turned));
        Stack stack = Stack.of(numbers);
        if (desk.draws()) {
            paper.heads(stack.highest(), 0);
            desk.sign(block.at(BOTTOM, stack.highest() + 1), Operation.MULTIPLICATION.sign());
        }
        List<Placed> lined = desk.ask(new LineUp(block, LINES, numbers, false, '.'));
        paper.above();
        return new ProductPaper(block, lined.get(0).number(), lined.get(1).number());
    }

    /** The numbers from top to bottom, as the style has them. */
    public static List<Numeral> topToBottom(Multiplication multiplication, NumberOrder order) {
        boolean turned =
                order != NumberOrder.KEPT && multiplication.multiplier().compareTo(multiplication.multiplicand()) > 0;
        return turned ? List.of(multiplication.multiplier(), multiplication.multiplicand()) : multiplication.operands();
    }

    /** What becomes of the lower number's digits. */
    private static String rows(Said said, Numeral bottom) {
        long zeros = bottom.digits().chars().filter(digit -> digit == '0').count();
        if (bottom.length() - zeros < 2) {
            return ".";
        }
        return zeros == 0 || said.style().writesZeroRows() ? ". Each digit below gets a row."
                : ". Each digit below gets a row, a 0 gets none.";
    }

    private static Spoken setOut(Said said, boolean turned) {
        LineUp lineUp = said.asked(LineUp.class);
        return Spoken.of("Set out", "Set out " + said.style().number(lineUp.numbers().get(0)) + " times "
                + said.style().number(lineUp.numbers().get(1)) + (turned ? ", the larger number on top: " : ": ")
                + said.words().places(0) + " under "
                + said.words().places(0) + rows(said, lineUp.numbers().get(1)), "");
    }
}
