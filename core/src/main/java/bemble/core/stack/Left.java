package bemble.core.stack;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * What a product leaves of what was there.
 *
 * @param place the place of its last digit
 * @param last whether nothing is brought down beside it
 * @param writesZero whether a 0 is written though something is brought down beside it
 */
public record Left(Block block, Line line, int place, BigInteger from, BigInteger product, boolean last,
        boolean writesZero)
        implements FactQuestion<BigInteger> {
    @Override
    public @Nullable BigInteger careful() {
        return from.compareTo(product) < 0 ? null : from.subtract(product);
    }

    @Override
    public boolean belongs(BigInteger left) {
        return last || writesZero || left.signum() > 0;
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
        ink.digits(block, line, Numeral.of(left), place, Role.WRITTEN);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return PaperNumbers.whole(paper, block, line, place);
    }
}
