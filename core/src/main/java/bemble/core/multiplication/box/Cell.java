package bemble.core.multiplication.box;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/** The product of two parts, such as 80 × 30, written where both meet. */
public record Cell(AreaBox box, int row, int column, BigInteger across,
        BigInteger down) implements FactQuestion<BigInteger> {
    @Override
    public BigInteger careful() {
        return across.multiply(down);
    }

    /** By one group of the tables: 7 × 8 tens is missed by 7 tens or by 8, never by a single one. */
    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        BigInteger group = across.multiply(down).signum() == 0 ? BigInteger.ONE : across.multiply(unit(down));
        return FactQuestion.beside(decided, group, by);
    }

    private static BigInteger unit(BigInteger part) {
        return BigInteger.TEN.pow(part.toString().length() - 1);
    }

    @Override
    public void ink(BigInteger product, Ink ink) {
        box.cell(row, column, product, ink);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return box.read(paper, row, column);
    }
}
