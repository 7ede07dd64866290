package bemble.core.multiplication.rows;

import bemble.core.hand.FactQuestion;
import org.jspecify.annotations.Nullable;

/**
 * The total of a column: the product of two digits with the carry that came in.
 *
 * @param carryBefore what was carried into the column in the row before
 * @param last whether it is the row's last column
 */
public record WithCarry(int place, int factor, int top, int product, int carryIn, int carryBefore,
        boolean last) implements FactQuestion<Integer> {
    @Override
    public Integer careful() {
        return product + carryIn;
    }

    @Override
    public String fact() {
        return Math.max(product, carryIn) + "+" + Math.min(product, carryIn);
    }

    @Override
    public boolean isWorked() {
        return carryIn > 0;
    }

    @Override
    public @Nullable Integer missed(Integer decided, int by) {
        return decided + by < 0 ? null : decided + by;
    }
}
