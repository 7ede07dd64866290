package bemble.core.root;

import bemble.core.problem.Numeral;

/**
 * A radicand in pairs of digits; pairs of zeros follow without end.
 *
 * @param shift how many places further to the left the pairs are marked off than from the point outwards: 0 or 1
 */
record RootPairs(Numeral radicand, int shift) {
    /** The place of the left pair's last digit. */
    int first() {
        int highest = radicand.highest() - shift;
        return (highest < 0 ? 0 : highest / 2 * 2) + shift;
    }

    /** The pair whose last digit stands in that place; the first may be a single digit. */
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
