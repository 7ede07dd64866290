package bemble.core.addition;

import java.util.List;

/**
 * What one place adds up to.
 *
 * @param place its power of ten
 * @param digits those present in that place
 * @param value what they are worth together
 */
public record PartialSum(int place, List<Integer> digits, String value) {
    public PartialSum {
        digits = List.copyOf(digits);
    }
}
