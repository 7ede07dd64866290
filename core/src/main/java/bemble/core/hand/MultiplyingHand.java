package bemble.core.hand;

import java.math.BigInteger;
import java.util.List;

/** The decisions of a multiplication; those given here are the careful ones. */
public interface MultiplyingHand {
    /** A fact of the tables. */
    default int product(int digit, int other) {
        return digit * other;
    }

    /** A product with the carry that came in. */
    default int withCarry(int product, int carryIn) {
        return product + carryIn;
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
