package bemble.core.method;

import bemble.core.problem.Operation;
import bemble.core.style.CarryPlace;
import bemble.core.working.Block;
import bemble.core.working.Pen;

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

    CarrySpots carries(String lastLine) {
        return CarrySpots.of(pen.style().carryPlace(), block, lastLine);
    }
}
