package bemble.core.division.digits;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.Times;
import bemble.core.style.MethodName;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.math.BigInteger;

/** A division begun at the ones; what is left goes on to the digit on the left. */
public final class FromTheRight implements Method<Division> {
    @Override
    public MethodName name() {
        return MethodName.SHORT_DIVISION;
    }

    @Override
    public Outcome write(Division division, Desk desk) {
        DivisionPaper paper = DivisionPaper.setOut(division, true, desk);
        Numeral dividend = paper.dividend();
        BigInteger divisor = paper.divisor();
        int from = desk.mark();
        BigInteger left = BigInteger.ZERO;
        for (int place = 0; place <= dividend.highest(); place++) {
            BigInteger partial = desk.ask(new Joined(place, left, dividend.digit(place)));
            int digit = paper.goes(place, partial, divisor, dividend.digit(place), place == 0);
            BigInteger product = desk.ask(new Times(null, null, place, digit, divisor));
            Spot next = place == dividend.highest() ? null : paper.block().at(DivisionPaper.DIVIDEND, place + 1);
            desk.figure(StepKind.SUBTRACT, paper.block(), place, ShortDivision::passOn);
            left = desk.ask(new PassedOn(next, place, partial, product));
        }
        int to = desk.mark();
        paper.turnRound();
        return new Outcome(paper.finish(left), () -> DivisionRecord.of(desk.decisions(from, to)));
    }
}
