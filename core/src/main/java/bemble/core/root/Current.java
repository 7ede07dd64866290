package bemble.core.root;

import bemble.core.hand.Question;
import java.math.BigInteger;

/**
 * What is worked on now: what was left, with the next pair behind it.
 *
 * @param pair the pair as it is written
 */
record Current(int place, BigInteger left, String pair) implements Question<BigInteger> {
    @Override
    public BigInteger careful() {
        return left.multiply(BigInteger.TEN.pow(pair.length())).add(new BigInteger(pair));
    }
}
