package bemble.core.addition;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.Digit;
import bemble.core.stack.Stack;
import bemble.core.stack.WrittenLine;
import bemble.core.stack.adding.AddingWords;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.Total;
import bemble.core.style.MethodName;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Addends set out, and all their digits added together, whatever their places. */
final class AllDigitsAdded implements Method<Addition> {
    @Override
    public MethodName name() {
        return MethodName.COLUMN;
    }

    @Override
    public Outcome write(Addition addition, Desk desk) {
        WrittenSum.SetOut paper = WrittenSum.setOut(addition.addends(), desk.start(), desk);
        Block block = paper.block();
        Stack stack = paper.stack();
        desk.answerStandsIn(block, Line.ANSWER);
        List<Integer> digits = new ArrayList<>();
        for (int place = stack.lowest(); place <= stack.highest(); place++) {
            digits.addAll(stack.digitsAt(place));
        }
        int from = desk.mark();
        desk.step(StepKind.TOTAL, block, 0, AddingWords::total);
        int total = desk.ask(new Total(0, digits, 0));
        desk.figure(StepKind.DIGIT, block, 0, AddingWords::last);
        WrittenLine answer = new WrittenLine(0);
        int inFront = desk.ask(new InFront(block.at(Line.ANSWER, 1), total, 0, false));
        answer.put(desk.ask(new Digit(block.at(Line.ANSWER, 0), total, true, false, false)));
        if (inFront > 0) {
            answer.put(inFront);
        }
        int to = desk.mark();
        return new Outcome(Answer.of(answer.read(), desk.style()), () -> ColumnRecord.of(desk.decisions(from, to)));
    }
}
