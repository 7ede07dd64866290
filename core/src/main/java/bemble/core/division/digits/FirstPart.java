package bemble.core.division.digits;

import bemble.core.hand.Question;
import bemble.core.problem.Numeral;
import java.math.BigInteger;

/** The place of the first quotient digit: of the shortest leading part that the divisor goes into. */
public record FirstPart(Numeral dividend, BigInteger divisor) implements Question<Integer> {
    @Override
    public Integer careful() {
        int place = dividend.highest();
        while (place > 0 && leading(dividend, place).compareTo(divisor) < 0) {
            place--;
        }
        return place;
    }

    /** The digits of a number down to a place, as a number of their own. */
    static BigInteger leading(Numeral number, int place) {
        return new BigInteger(number.digits().substring(0, number.highest() - place + 1));
    }
}
