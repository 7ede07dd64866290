package bemble.core.division.chunks;

import bemble.core.hand.Question;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * How many times at once the divisor is taken away; a careful hand takes the largest of 1, 2, 5 times a power of ten
 * that fits, but any number that fits is right.
 *
 * @param partial what is left to be shared
 */
record Chunk(BigInteger partial, BigInteger divisor) implements Question<BigInteger> {
    @Override
    public @Nullable BigInteger careful() {
        BigInteger best = null;
        BigInteger unit = BigInteger.ONE;
        while (divisor.multiply(unit).compareTo(partial) <= 0) {
            for (int times : new int[] {1, 2, 5}) {
                BigInteger chunk = unit.multiply(BigInteger.valueOf(times));
                if (divisor.multiply(chunk).compareTo(partial) <= 0) {
                    best = chunk;
                }
            }
            unit = unit.multiply(BigInteger.TEN);
        }
        return best;
    }
}
