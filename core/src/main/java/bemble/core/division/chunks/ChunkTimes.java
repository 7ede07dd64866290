package bemble.core.division.chunks;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/** A chunk times the divisor. */
record ChunkTimes(Block block, Line line, BigInteger chunk, BigInteger divisor) implements FactQuestion<BigInteger> {
    @Override
    public BigInteger careful() {
        return chunk.multiply(divisor);
    }

    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        BigInteger group = BigInteger.TEN.pow(chunk.toString().length() - 1).multiply(divisor);
        return FactQuestion.beside(decided, group, by);
    }

    @Override
    public void ink(BigInteger product, Ink ink) {
        ink.digits(block, line, Numeral.of(product), 0, Role.WRITTEN);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return PaperNumbers.whole(paper, block, line, 0);
    }
}
