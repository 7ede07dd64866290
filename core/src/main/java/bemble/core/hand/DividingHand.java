package bemble.core.hand;

import java.math.BigInteger;

/** The decisions of a division and of a square root; those given here are the careful ones. */
public interface DividingHand {
    /**
     * How many times the divisor goes into a part of the dividend, from 0 to 9.
     *
     * @param last whether it is the quotient's last digit
     */
    default int quotientDigit(BigInteger partial, BigInteger divisor, boolean last) {
        return partial.divide(divisor).intValueExact();
    }

    /** Whether a digit of a quotient or root is written. */
    default boolean writesDigit(int digit, boolean first) {
        return true;
    }

    /** Whether the remainder is written. */
    default boolean writesRemainder() {
        return true;
    }

    /** A digit times the divisor. */
    default BigInteger times(int digit, BigInteger divisor) {
        return divisor.multiply(BigInteger.valueOf(digit));
    }

    /** What a stage leaves. */
    default BigInteger left(BigInteger from, BigInteger product) {
        return from.subtract(product);
    }

    /** Twice the root so far. */
    default BigInteger doubled(BigInteger root) {
        return root.shiftLeft(1);
    }

    /** The largest digit that, set beside {@code doubled} and multiplied by it, does not exceed {@code current}. */
    default int rootDigit(BigInteger current, BigInteger doubled) {
        int digit = 9;
        while (times(digit, beside(doubled, digit)).compareTo(current) > 0) {
            digit--;
        }
        return digit;
    }

    /** The doubled root with a digit set beside it. */
    default BigInteger beside(BigInteger doubled, int digit) {
        return doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
    }
}
