package bemble.core.hand;

import bemble.core.problem.Numeral;
import java.math.BigInteger;
import java.util.List;

/** The decisions of a multiplication; those given here are the careful ones. */
public interface MultiplyingHand {
    /** A fact of the tables. */
    default int product(int digit, int other) {
        return digit * other;
    }

    /** The total of a column: the product of two digits with the carry that came in. */
    default int withCarry(int digit, int top, int product, int carryIn) {
        return product + carryIn;
    }

    /** Whether the row of a digit is 0 and needs no columns. */
    default boolean isZeroRow(int digit, Numeral top) {
        return digit == 0 || top.isZero();
    }

    /** How many empty places end the row of a digit that stands in {@code place}. */
    default int placeholders(int place) {
        return place;
    }

    /** The product of two expanded parts, such as 80 × 30. */
    default BigInteger product(BigInteger part, BigInteger other) {
        return part.multiply(other);
    }

    /** A short sum done in one go. */
    default BigInteger sum(List<BigInteger> terms) {
        return terms.stream().reduce(BigInteger.ZERO, BigInteger::add);
    }
}
