package bemble.core.practice.growing;

import java.math.BigInteger;
import java.util.Random;

/** Draws whole numbers of any size. */
final class BigIntegers {
    private BigIntegers() {}

    /** The smallest number with so many digits. */
    static BigInteger least(int digits) {
        return BigInteger.TEN.pow(digits - 1);
    }

    /** The largest number with so many digits. */
    static BigInteger most(int digits) {
        return BigInteger.TEN.pow(digits).subtract(BigInteger.ONE);
    }

    /** A number from {@code least} to {@code most}, both included, each equally likely as nearly as matters. */
    static BigInteger between(BigInteger least, BigInteger most, Random random) {
        BigInteger span = most.subtract(least).add(BigInteger.ONE);
        // 64 bits more than needed make what the remainder favours too rare to be seen.
        return least.add(new BigInteger(span.bitLength() + 64, random).mod(span));
    }
}
