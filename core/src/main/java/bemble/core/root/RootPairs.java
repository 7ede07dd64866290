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
        String high = radicand.has(place + 1) || place < 0 ? String.valueOf(radicand.digit(place + 1)) : "";
        boolean single = shift > 0 && place + 1 == radicand.lowest();
        return single ? high : high + radicand.digit(place);
    }

    /** Whether the root's digit over that pair stands behind its point. */
    boolean isDecimal(int place) {
        return place < -Math.max(0, shift);
    }

    /** The lowest place of the last pair, for a root with so many decimals. */
    int last(int decimals) {
        return -2 * decimals + (shift > 0 ? shift - 2 : shift);
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
