package bemble.core.division.digits;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * What is left in a short division, written small before the next digit of the dividend.
 *
 * @param next the square of that digit, or null after the last
 */
public record PassedOn(@Nullable Spot next, int place, BigInteger from, BigInteger product)
        implements FactQuestion<BigInteger> {
    @Override
    public @Nullable BigInteger careful() {
        return from.compareTo(product) < 0 ? null : from.subtract(product);
    }

    @Override
    public boolean belongs(BigInteger left) {
        return next != null && left.signum() > 0;
    }

    @Override
    public String fact() {
        return from + "-" + product;
    }

    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        return FactQuestion.beside(decided, BigInteger.ONE, by);
    }

    @Override
    public void ink(BigInteger left, Ink ink) {
        if (next != null) {
            ink.small(next, left.toString(), Role.CARRY, Anchor.BEFORE_HIGH);
        }
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        String text = next == null ? null : paper.digits(next, Anchor.BEFORE_HIGH, 60);
        return text == null ? null : new BigInteger(text);
    }
}
