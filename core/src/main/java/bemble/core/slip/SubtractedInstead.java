package bemble.core.slip;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.Placed;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import bemble.core.subtraction.TakenAway;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.List;

/** Two addends set out as they are given, and the smaller taken from the larger. */
final class SubtractedInstead implements Method<Addition> {
    @Override
    public MethodName name() {
        return MethodName.DECOMPOSITION;
    }

    @Override
    public Outcome write(Addition addition, Desk desk) {
        List<Numeral> addends = StackPaper.topToBottom(addition.addends(), desk.style().order());
        Block block = desk.block(BlockName.Kind.SUM, desk.start());
        StackPaper paper = new StackPaper(block, desk).headsLine().above();
        List<Line> lines = List.of(Line.addend(1), Line.addend(2));
        lines.forEach(block::line);
        paper.below();
        desk.step(StepKind.SET_OUT, block, null, said -> Spoken.of("Set out", "Set the two numbers out.", ""));
        List<Placed> lined = desk.ask(paper.lineUp(lines, addends, false));
        if (desk.draws()) {
            Stack stack = new Stack(lined);
            paper.heads(stack.highest(), stack.lowest());
            paper.ruleOff(lines.get(1), stack, Operation.ADDITION);
        }
        desk.answerStandsIn(block, Line.ANSWER);
        int larger = addends.get(0).compareTo(addends.get(1)) >= 0 ? 0 : 1;
        return TakenAway.byExchange(block, lines.get(larger), lined.get(larger), lined.get(1 - larger), desk);
    }
}
