package bemble.core.entry;

import bemble.core.hand.Answer;
import bemble.core.problem.Numeral;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An answer as somebody gave it.
 *
 * @param remainder what they said is left over; null where they said nothing
 * @param fraction what they wrote beside the whole as a fraction, such as {@code 6/25}; null where there is none
 */
public record GivenAnswer(Numeral value, @Nullable Numeral remainder, @Nullable String fraction) {
    private static final Pattern WITH_FRACTION =
            Pattern.compile("([0-9][0-9,. ']*?)(?:\\s+|\\s*[+]\\s*)([0-9]{1,40})\\s*/\\s*([0-9]{1,40})");
    private static final Pattern WITH_REMAINDER = Pattern.compile("(?i)(.+?)\\s*r(?:em(?:ainder)?)?\\.?\\s*([0-9].*)");

    /** What people write round a number: a sign of money or a plus in front of it, a unit behind it, which never begins with an r. */
    private static final Pattern DRESSED = Pattern.compile("[+]?\\s*\\p{Sc}?\\s*(?<number>[0-9.,].*?[0-9]|[0-9])"
            + "\\s*(?:\\p{Sc}|(?![rR])\\p{L}{1,6}[²³.]?)?", Pattern.DOTALL);

    /**
     * Reads {@code 3152}, {@code 3,152}, {@code 63 r 6}, {@code 63r6}, {@code 63 rem 6}, {@code 63 6/25}, {@code £3.45}, {@code 3.45 m};
     * nothing where that is no number.
     */
    public static Optional<GivenAnswer> read(String given, Punctuation punctuation) {
        if (given == null) {
            return Optional.empty();
        }
        Matcher dressed = DRESSED.matcher(given.strip());
        String text = dressed.matches() ? dressed.group("number") : given;
        Matcher parts = WITH_REMAINDER.matcher(text.strip());
        try {
            if (parts.matches()) {
                return Optional.of(new GivenAnswer(ProblemText.number(parts.group(1), punctuation),
                        ProblemText.number(parts.group(2), punctuation), null));
            }
            Matcher broken = WITH_FRACTION.matcher(text.strip());
            if (broken.matches()) {
                return Optional.of(new GivenAnswer(ProblemText.number(broken.group(1).strip(), punctuation), null,
                        broken.group(2) + "/" + broken.group(3)));
            }
            return Optional.of(new GivenAnswer(ProblemText.number(text.strip(), punctuation), null, null));
        } catch (Refusal notANumber) {
            return Optional.empty();
        }
    }

    /** What was given in plain digits with a point, such as {@code 63 r 6}; something else where it is no number. */
    public static String plain(String given, Punctuation punctuation, String otherwise) {
        return read(given, punctuation).map(GivenAnswer::text).orElse(otherwise);
    }

    /** The answer that a hand came to. */
    public static GivenAnswer of(Answer answer) {
        return new GivenAnswer(Numeral.of(answer.value()),
                answer.remainder() == null ? null : Numeral.of(answer.remainder()), null);
    }

    /** The same for answers that say the same: {@code 2} and {@code 2.00}, {@code 63 r 0} and {@code 63}. */
    public String key() {
        return plain(value) + (fraction == null ? "" : " " + fraction)
                + (remainder == null || remainder.isZero() ? "" : "r" + plain(remainder));
    }

    private static String plain(Numeral number) {
        return number.isWhole() ? number.plain() : number.plain().replaceFirst("\\.?0+$", "");
    }

    /** What was given, as plain digits. */
    public String text() {
        return value.plain() + (fraction == null ? "" : " " + fraction)
                + (remainder == null ? "" : " r " + remainder.plain());
    }
}
