package bemble.core.addition;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.Digit;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.AddingWords;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.Total;
import bemble.core.stack.adding.WholeAtTheEnd;
import bemble.core.style.MethodName;
import bemble.core.working.Block;
import bemble.core.working.Fact;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;

/** Addends set out, and added from the left, each ten carried into the column on the right. */
final class FromTheLeft implements Method<Addition> {
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
        CarrySpots carries = paper.carries();
        int from = desk.mark();
        StringBuilder answer = new StringBuilder();
        int carry = 0;
        for (int place = stack.highest(); place >= stack.lowest(); place--) {
            desk.step(StepKind.TOTAL, block, place, AddingWords::total);
            int total = desk.ask(new Total(place, stack.digitsAt(place), carry));
            if (place == stack.lowest()) {
                desk.figure(StepKind.DIGIT, block, place, FromTheLeft::end);
                answer.append(desk.ask(new WholeAtTheEnd(block.at(Line.ANSWER, place), total)));
                break;
            }
            desk.figure(StepKind.DIGIT, block, place, AddingWords::digit);
            answer.append(desk.ask(new Digit(block.at(Line.ANSWER, place), total, false, false, false)));
            carry = desk.ask(new Carry(carries, place, place - 1, total, carry, 0, false));
        }
        int to = desk.mark();
        Numeral sum = Numeral.ofDigits(answer.toString(), -stack.lowest());
        return new Outcome(Answer.of(sum, desk.style()), () -> ColumnRecord.of(desk.decisions(from, to)));
    }

    private static Spoken end(Said said) {
        int total = said.decided(WholeAtTheEnd.class);
        return new Spoken(said.words().title(said.place()), Fact.of(Integer.toString(total)),
                "This column comes last: write " + total + ".", "What is written here?");
    }
}
