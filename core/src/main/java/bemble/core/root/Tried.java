package bemble.core.root;

import bemble.core.hand.Question;
import java.math.BigInteger;

/** A digit tried beside the doubled root: what it would take away. */
record Tried(BigInteger doubled, int digit) implements Question<BigInteger> {
    BigInteger divisor() {
        return doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
    }

    @Override
    public BigInteger careful() {
        return divisor().multiply(BigInteger.valueOf(digit));
    }
}
