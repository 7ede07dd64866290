package bemble.core.root;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * The largest digit that, set beside {@code doubled} and multiplied by what comes of it, does not exceed {@code current}.
 *
 * @param at its square in the root
 * @param first whether it is the root's first digit
 */
record RootDigit(Spot at, BigInteger current, BigInteger doubled, boolean first) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return largest(current, doubled);
    }

    static int largest(BigInteger current, BigInteger doubled) {
        BigInteger tens = doubled.multiply(BigInteger.TEN);
        for (int digit = 9; digit > 0; digit--) {
            BigInteger times = BigInteger.valueOf(digit);
            if (tens.add(times).multiply(times).compareTo(current) <= 0) {
                return digit;
            }
        }
        return 0;
    }

    @Override
    public void ink(Integer digit, Ink ink) {
        ink.digit(at, digit, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
