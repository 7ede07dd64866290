package bemble.core.multiplication.crosswise;

import bemble.core.hand.FactQuestion;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All products that land in a place, added.
 *
 * @param pairs the digits multiplied, the place of the first rising
 */
public record CrossSum(int place, List<List<Integer>> pairs, List<Integer> products) implements FactQuestion<Integer> {
    @Override
    public Integer careful() {
        return products.stream().mapToInt(Integer::intValue).sum();
    }

    @Override
    public boolean isWorked() {
        return products.stream().filter(product -> product > 0).count() > 1;
    }

    @Override
    public @Nullable Integer missed(Integer decided, int by) {
        return decided + by < 0 ? null : decided + by;
    }
}
