package bemble.core.division.digits;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.Descent;
import bemble.core.style.MethodName;
import bemble.core.working.StepKind;
import java.math.BigInteger;

/** Divides, multiplies, subtracts and brings down, from the highest place to the ones. */
public final class LongDivision implements Method<Division> {
    @Override
    public MethodName name() {
        return MethodName.LONG_DIVISION;
    }

    @Override
    public Outcome write(Division division, Desk desk) {
        DivisionPaper paper = DivisionPaper.setOut(division, true, desk);
        Numeral dividend = paper.dividend();
        BigInteger divisor = paper.divisor();
        Descent descent = new Descent(paper.block(), desk);
        int from = desk.mark();
        int place = desk.ask(new FirstPart(dividend, divisor));
        BigInteger partial = desk.ask(new Leading(dividend, place));
        int last = desk.ask(new LowestPlace(place));
        boolean first = true;
        while (true) {
            int digit = paper.goes(place, partial, divisor, dividend.digit(place), first);
            first = false;
            BigInteger left = partial;
            if (digit > 0 || desk.style().writesZeroProducts()) {
                BigInteger product = descent.product(digit, divisor, place, DivisionWords::multiply);
                left = descent.left(partial, product, place, place == last, DivisionWords::subtract);
            }
            if (place == last) {
                int to = desk.mark();
                Answer answer = paper.finish(left);
                return new Outcome(answer, () -> DivisionRecord.of(desk.decisions(from, to)));
            }
            place--;
            desk.step(StepKind.BRING_DOWN, paper.block(), place, DivisionWords::bringDown);
            int next = descent.bringDown(DivisionPaper.DIVIDEND, place, dividend.digit(place));
            partial = desk.ask(new Joined(place, left, next));
        }
    }
}
