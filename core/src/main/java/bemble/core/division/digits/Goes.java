package bemble.core.division.digits;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.math.BigInteger;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * How many times the divisor goes into what is shared now: the digit of the quotient.
 *
 * @param next the digit of the dividend that was brought down last
 * @param first whether it is the quotient's first digit
 * @param instead what is written though another digit was found
 */
public record Goes(Spot at, BigInteger partial, BigInteger divisor, int next,
        boolean first, OptionalInt instead) implements Question<Integer> {
    private static final BigInteger NINE = BigInteger.valueOf(9);

    @Override
    public int place() {
        return at.place();
    }

    public boolean isLast() {
        return at.place() == 0;
    }

    @Override
    public @Nullable Integer careful() {
        BigInteger times = partial.divide(divisor);
        return times.compareTo(NINE) > 0 ? null : times.intValue();
    }

    @Override
    public void ink(Integer digit, Ink ink) {
        ink.digit(at, instead.orElse(digit), Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return instead.isPresent() ? null : paper.digit(at);
    }
}
