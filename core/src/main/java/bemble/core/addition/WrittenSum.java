package bemble.core.addition;

import bemble.core.hand.Desk;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.stack.LineUp;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.stack.adding.StackPaper;
import bemble.core.words.Words;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Placement;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/**
 * Numbers set out under each other and added.
 *
 * @param addends as they stand, top to bottom
 */
record WrittenSum(List<Numeral> addends, ColumnSum added) {
    /** Sets the numbers out in a new block and adds them. */
    static WrittenSum write(List<Numeral> numbers, Placement where, Desk desk) {
        SetOut paper = setOut(numbers, where, desk);
        return new WrittenSum(paper.addends(), paper.paper().add(paper.stack(), paper.lastLine()));
    }

    /** Numbers set out and ruled off, to be added. */
    record SetOut(StackPaper paper, List<Numeral> addends, Stack stack) {
        Block block() {
            return paper.block();
        }

        Line lastLine() {
            return Line.addend(addends.size());
        }

        CarrySpots carries() {
            return paper.carries(lastLine());
        }
    }

    /** Sets the numbers out in a new block. */
    static SetOut setOut(List<Numeral> numbers, Placement where, Desk desk) {
        List<Numeral> addends = StackPaper.topToBottom(numbers, desk.style().order());
        Block block = desk.block(BlockName.Kind.SUM, where);
        StackPaper paper = new StackPaper(block, desk).headsLine().above();
        List<Line> lines = new ArrayList<>(addends.size());
        for (int i = 1; i <= addends.size(); i++) {
            lines.add(Line.addend(i));
            block.line(Line.addend(i));
        }
        paper.below();
        desk.step(StepKind.SET_OUT, block, null, WrittenSum::setOut);
        Stack stack = new Stack(desk.ask(paper.lineUp(lines, addends, false)));
        if (desk.draws()) {
            paper.heads(stack.highest(), stack.lowest());
            paper.ruleOff(Line.addend(addends.size()), stack, Operation.ADDITION);
        }
        return new SetOut(paper, addends, stack);
    }

    private static Spoken setOut(Said said) {
        Words words = said.words();
        LineUp lineUp = said.asked(LineUp.class);
        boolean points = lineUp.numbers().stream().anyMatch(number -> !number.isWhole());
        boolean rightly = said.decided(LineUp.class).equals(lineUp.careful());
        String rule = rightly ? words.places(0) + " under " + words.places(0) + (points ? ", point under point" : "")
                : "the numbers begin under each other";
        return Spoken.of("Set out",
                "Set out " + Words.list(lineUp.numbers().stream().map(said.style()::number).toList())
                        + ": " + rule + ", one digit in a square.",
                "");
    }
}
