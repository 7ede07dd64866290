package bemble.core.words;

import bemble.core.style.word.OnesWord;
import java.util.Locale;

/** What places are called: ones, tens, hundreds, tenths. */
public final class PlaceNames {
    /** The short scale, by thousands: the ones, thousands, millions and so on. */
    private static final String[] PERIODS = {"one", "thousand", "million", "billion", "trillion", "quadrillion",
        "quintillion", "sextillion", "septillion", "octillion", "nonillion", "decillion", "undecillion",
        "duodecillion", "tredecillion", "quattuordecillion", "quindecillion", "sexdecillion", "septendecillion",
        "octodecillion", "novemdecillion", "vigintillion", "unvigintillion", "duovigintillion",
        "tresvigintillion", "quattuorvigintillion", "quinvigintillion", "sesvigintillion"};
    private static final String[] WITHIN = {"", "ten ", "hundred "};

    private PlaceNames() {}

    /** The name for one of that place, such as {@code ten thousand} or {@code tenth}. */
    public static String one(int place, OnesWord ones) {
        if (place < 0) {
            return whole(-place, ones) + "th";
        }
        return whole(place, ones);
    }

    /** The name for several of that place, such as {@code hundreds}. */
    public static String many(int place, OnesWord ones) {
        return one(place, ones) + "s";
    }

    /** A short head for a column, such as {@code Th}. */
    public static String letters(int place, OnesWord ones) {
        if (place < 0) {
            return letters(-place, ones).toLowerCase(Locale.ROOT);
        }
        if (place == 0) {
            return ones == OnesWord.UNITS ? "U" : "O";
        }
        String within = new String[] {"", "T", "H"}[place % 3];
        int period = place / 3;
        if (period == 0) {
            return within;
        }
        String[] short1 = {"", "Th", "M", "B", "Tr"};
        return within + (period < short1.length ? short1[period] : "·");
    }

    private static String whole(int place, OnesWord ones) {
        int period = place / 3;
        if (period >= PERIODS.length) {
            return "10^" + place;
        }
        String within = WITHIN[place % 3];
        if (period > 0) {
            return within + PERIODS[period];
        }
        return place == 0 ? (ones == OnesWord.UNITS ? "unit" : "one") : within.strip();
    }
}
