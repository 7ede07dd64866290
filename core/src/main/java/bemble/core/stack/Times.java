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
 * A digit times a divisor.
 *
 * @param block where it is written, or null where it stays in the head
 * @param place the place of its last digit
 */
public record Times(@Nullable Block block, @Nullable Line line, int place, int digit,
        BigInteger divisor) implements FactQuestion<BigInteger> {
    @Override
    public BigInteger careful() {
        return divisor.multiply(BigInteger.valueOf(digit));
    }

    @Override
    public String fact() {
        boolean table = divisor.bitLength() < 5;
        return table ? Math.min(digit, divisor.intValue()) + "x" + Math.max(digit, divisor.intValue())
                : digit + "x" + divisor;
    }

    @Override
    public boolean isWorked() {
        return digit > 0;
    }

    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        return FactQuestion.beside(decided, divisor, by);
    }

    @Override
    public void ink(BigInteger product, Ink ink) {
        if (block != null && line != null) {
            ink.digits(block, line, Numeral.of(product), place, Role.WRITTEN);
        }
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return block == null || line == null ? null : PaperNumbers.whole(paper, block, line, place);
    }
}
