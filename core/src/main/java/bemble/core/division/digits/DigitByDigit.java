package bemble.core.division.digits;

import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.style.MethodName;
import java.math.BigInteger;

/** A division in which each digit of the dividend is divided by the digit of the divisor in the same place. */
public final class DigitByDigit implements Method<Division> {
    @Override
    public MethodName name() {
        return MethodName.LONG_DIVISION;
    }

    @Override
    public Outcome write(Division division, Desk desk) {
        DivisionPaper paper = DivisionPaper.setOut(division, true, desk);
        Numeral dividend = paper.dividend();
        Numeral divisor = division.divisor();
        if (divisor.length() < 2 || dividend.length() != divisor.length() || divisor.digits().contains("0")) {
            throw new Stuck("the digits do not pair off");
        }
        int from = desk.mark();
        for (int place = dividend.highest(); place >= 0; place--) {
            paper.goes(place, BigInteger.valueOf(dividend.digit(place)), BigInteger.valueOf(divisor.digit(place)),
                    dividend.digit(place), place == dividend.highest());
        }
        int to = desk.mark();
        return new Outcome(paper.finish(BigInteger.ZERO), () -> DivisionRecord.of(desk.decisions(from, to)));
    }
}
