package bemble.core.division.digits;

import bemble.core.hand.Question;
import java.math.BigInteger;

/**
 * What is to be shared next: what is left, with the next digit of the dividend behind it.
 *
 * @param place the place of that digit
 */
public record Joined(int place, BigInteger left, int digit) implements Question<BigInteger> {
    @Override
    public BigInteger careful() {
        return left.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
    }
}
