package bemble.core.division.digits;

import bemble.core.hand.Question;
import bemble.core.problem.Numeral;
import java.math.BigInteger;

/** What is shared first: the digits of the dividend down to a place, as a number of their own. */
public record Leading(Numeral dividend, int place) implements Question<BigInteger> {
    @Override
    public int place() {
        return place;
    }

    @Override
    public BigInteger careful() {
        return FirstPart.leading(dividend, place);
    }
}
