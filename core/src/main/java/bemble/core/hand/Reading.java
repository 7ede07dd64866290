package bemble.core.hand;

import bemble.core.working.Anchor;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** Somebody's paper, read square by square. */
public interface Reading {
    /** Nobody writes a longer number into one square. */
    int MOST_DIGITS = 6;

    /** What stands at that anchor of a square, or null. */
    @Nullable
    String at(Spot spot, Anchor anchor);

    /** The digit in the middle of a square, or null where nothing or something else stands there. */
    default @Nullable Integer digit(Spot spot) {
        return number(spot, Anchor.MIDDLE);
    }

    /** The number at that anchor, or null. */
    default @Nullable Integer number(Spot spot, Anchor anchor) {
        String text = digits(spot, anchor, MOST_DIGITS);
        return text == null ? null : Integer.valueOf(text);
    }

    /** What stands at that anchor where it is digits alone, and at most so many; else null. */
    default @Nullable String digits(Spot spot, Anchor anchor, int most) {
        String text = at(spot, anchor);
        return isDigits(text, most) ? text : null;
    }

    /** Whether a text is one digit or more, and at most so many. A search reads a paper often: no pattern is matched. */
    static boolean isDigits(@Nullable String text, int most) {
        if (text == null || text.isEmpty() || text.length() > most) {
            return false;
        }
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) < '0' || text.charAt(i) > '9') {
                return false;
            }
        }
        return true;
    }
}
