package bemble.core.multiplication.box;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import java.math.BigInteger;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the cells of a row make together, written beside it.
 *
 * @param part the part of the second number whose row it is
 */
record RowTotal(AreaBox box, int row, BigInteger part, List<BigInteger> cells) implements FactQuestion<BigInteger> {
    @Override
    public BigInteger careful() {
        return cells.stream().reduce(BigInteger.ZERO, BigInteger::add);
    }

    @Override
    public boolean isWorked() {
        return cells.size() > 1;
    }

    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        return FactQuestion.beside(decided, BigInteger.ONE, by);
    }

    @Override
    public void ink(BigInteger total, Ink ink) {
        box.total(row, total, ink);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return box.read(paper, row, box.columns());
    }
}
