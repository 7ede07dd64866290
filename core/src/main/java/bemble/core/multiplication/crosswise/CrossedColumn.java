package bemble.core.multiplication.crosswise;

import java.util.List;

/**
 * One answer column of a crosswise multiplication.
 *
 * @param place its power of ten
 * @param pairs the digits multiplied, the place of the first rising
 * @param sum all their products together
 */
public record CrossedColumn(int place, List<List<Integer>> pairs, int sum, int carryIn, int total, int digit,
        int carryOut) {
    public CrossedColumn {
        pairs = List.copyOf(pairs);
    }
}
