package bemble.core.hand;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import org.jspecify.annotations.Nullable;

/**
 * An answer. Numbers are plain digits; what does not apply is null.
 *
 * @param value the result, of a root cut off at the decimals asked for
 * @param remainder what a division leaves over
 * @param exact whether a root comes out exactly
 * @param rounded a root rounded instead of cut off
 * @param text the answer as written on paper in the teacher's style
 */
public record Answer(String value, @Nullable String remainder, @Nullable Boolean exact, @Nullable String rounded,
        String text) {
    /** An answer that is one number and nothing else. */
    public static Answer of(Numeral value, HouseStyle style) {
        return new Answer(value.plain(), null, null, null, style.number(value));
    }
}
