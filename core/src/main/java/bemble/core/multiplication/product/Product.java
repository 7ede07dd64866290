package bemble.core.multiplication.product;

import bemble.core.hand.FactQuestion;
import org.jspecify.annotations.Nullable;

/**
 * A fact of the tables.
 *
 * @param place what the product is worth, as a power of ten
 * @param row the place of the digit below
 * @param factor the digit below
 * @param top the digit above
 */
public record Product(int place, int row, int factor, int top) implements FactQuestion<Integer> {
    @Override
    public Integer careful() {
        return factor * top;
    }

    @Override
    public String fact() {
        return Math.min(factor, top) + "x" + Math.max(factor, top);
    }

    @Override
    public @Nullable Integer missed(Integer decided, int by) {
        int missed = decided + by * Math.max(1, factor);
        return missed < 0 ? null : missed;
    }
}
