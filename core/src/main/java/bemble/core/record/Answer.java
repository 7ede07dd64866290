package bemble.core.record;

/**
 * An answer. Numbers are plain digits; what does not apply is null.
 *
 * @param value the result, of a root cut off at the decimals asked for
 * @param remainder what a division leaves over
 * @param exact whether a root comes out exactly
 * @param rounded a root rounded instead of cut off
 * @param text the answer as written on paper in the teacher's style
 */
public record Answer(String value, String remainder, Boolean exact, String rounded, String text) {
    public static Answer of(String value, String text) {
        return new Answer(value, null, null, null, text);
    }
}
