package bemble.core.division.digits;

import bemble.core.hand.Question;
import java.math.BigInteger;

/** The try with one more, which shows that the digit is the largest that fits. */
record TooBig(int digit, BigInteger divisor) implements Question<BigInteger> {
    @Override
    public BigInteger careful() {
        return divisor.multiply(BigInteger.valueOf(digit));
    }
}
