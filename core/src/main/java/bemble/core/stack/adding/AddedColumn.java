package bemble.core.stack.adding;

import java.util.List;

/**
 * One column of an addition.
 *
 * @param place its power of ten
 * @param digits those present in the column, top to bottom
 * @param carryIn what came from the column before
 * @param digit what is written under it
 * @param carryOut what goes into the next; after the last column it is written in front
 */
public record AddedColumn(int place, List<Integer> digits, int carryIn, int total, int digit, int carryOut) {
    public AddedColumn {
        digits = List.copyOf(digits);
    }

    /** What is made of it, in its own place: what is written and what goes on. By a careful hand it is the total. */
    public int made() {
        return 10 * carryOut + digit;
    }
}
