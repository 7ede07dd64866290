package bemble.core.division.digits;

import bemble.core.hand.Question;

/**
 * The place of the last quotient digit.
 *
 * @param first the place of the first
 */
public record LowestPlace(int first) implements Question<Integer> {
    @Override
    public Integer careful() {
        return 0;
    }
}
