package bemble.core.stack;

import bemble.core.problem.Numeral;

/**
 * A number as it stands on the paper.
 *
 * @param number what is written
 * @param shift how many places further to the left its digits stand than they are worth
 */
public record Placed(Numeral number, int shift) {
    /** Whether a digit of the number stands in that column. */
    public boolean has(int place) {
        return number.has(place - shift);
    }

    /** The digit in the column of that place, 0 where it is empty. */
    public int digit(int place) {
        return number.digit(place - shift);
    }

    public int highest() {
        return number.highest() + shift;
    }

    public int lowest() {
        return number.lowest() + shift;
    }
}
