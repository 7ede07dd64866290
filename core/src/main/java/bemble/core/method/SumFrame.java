package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.record.AddedColumn;
import bemble.core.style.CarryPlace;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.List;

/** The lines round numbers that are added, with room for the carries where the style writes them. */
record SumFrame(Block block, Pen pen) {
    /** Makes room above the numbers. */
    void above() {
        if (pen.style().carryPlace() == CarryPlace.ABOVE_NEXT) {
            block.line(Lines.CARRIES);
        }
    }

    /** Makes room below the numbers. */
    void below() {
        if (pen.style().carryPlace() == CarryPlace.ON_THE_RULE) {
            block.line(Lines.ON_RULE);
        }
        block.line(Lines.ANSWER);
        if (pen.style().carryPlace() == CarryPlace.UNDER_ANSWER) {
            block.line(Lines.UNDER);
        }
    }

    /** Writes the sign before the last number and the rule under it. */
    void ruleOff(String lastLine, Stack stack) {
        pen.sign(block.at(lastLine, stack.highest() + 1), Operation.ADDITION.sign());
        pen.rule(block, Lines.ANSWER, stack.highest() + 1, stack.lowest());
    }

    /** Adds numbers that stand above their rule; the columns in the order of writing. */
    List<AddedColumn> add(Stack stack, String lastLine, Hand hand) {
        return new ColumnAdder(stack, block, CarrySpots.of(pen.style().carryPlace(), block, lastLine), hand, pen).add();
    }

    /** Rules numbers off that were written one by one, and adds them. */
    List<AddedColumn> addUp(Stack stack, String lastLine, Spoken spoken, Hand hand) {
        below();
        pen.step(StepKind.SET_OUT, block, null, spoken);
        ruleOff(lastLine, stack);
        return add(stack, lastLine, hand);
    }

    /** The answer as it can be read. */
    Numeral sum() {
        return Numeral.of(pen.read(block, Lines.ANSWER));
    }
}
