package bemble.core.method;

import bemble.core.problem.Numeral;

/**
 * A radicand in pairs of digits, taken from the point outwards; pairs of zeros follow without end.
 *
 * @param radicand the number under the root
 */
record RootPairs(Numeral radicand) {
    /** The place of the left pair's last digit: an even place. */
    int first() {
        return radicand.highest() / 2 * 2;
    }

    /** The pair whose last digit stands in that even place; the first may be a single digit. */
    String at(int place) {
        return (radicand.has(place + 1) || place < 0 ? String.valueOf(radicand.digit(place + 1)) : "")
                + radicand.digit(place);
    }

    /** Whether nothing but zeros follows below that place. */
    boolean isZeroBelow(int place) {
        for (int below = place - 1; below >= radicand.lowest(); below--) {
            if (radicand.digit(below) != 0) {
                return false;
            }
        }
        return true;
    }
}
