package bemble.core.entry;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The forms that a line may have, in the order in which they are tried. Their patterns go to whoever draws the line, so that it
 * is known at once where it is typed whether a line can be read, and whether the next paper comes.
 */
public enum LineForm {
    REST_RIGHT("=\\s*(?::\\s*(?<how>\\S{1,20}))?", true, "=", "rest right, next paper"),
    REST_NOT_REACHED("/", true, "/", "rest not reached, next"),
    ABSENT("!", true, "!", "absent, next paper"),
    OTHER_SHEET("#\\s*(?<sheet>\\S{3,12})", false, "#K7PT-B", "has another sheet"),
    NOT_REACHED(Parts.QUESTION + "/", false, "12 /", "not reached from there"),
    BLANK(Parts.QUESTION + "[-−–]", false, "7 -", "left blank"),
    UNCLEAR(Parts.QUESTION + "\\?", false, "7 ?", "unreadable"),
    TAKEN_OUT(Parts.QUESTION + "<", false, "7 <", "take out again"),
    RIGHT(Parts.QUESTION + "=\\s*" + Parts.HOW, false, "7 = :h", "right, but helped"),
    METHOD_MARKS(Parts.QUESTION + "[mM]\\s*(?<given>\\d{1,3})", false, "7 m2", "2 marks, method counted"),
    BY_LETTER(Parts.QUESTION + "(?<letter>[A-Za-z])", false, "7 b", "by its letter on the key"),
    ANSWER(Parts.QUESTION + "(?<given>" + Parts.NUMBER + ")\\s*(?:>\\s*(?<correction>" + Parts.NUMBER + ")\\s*)?"
            + Parts.HOW, false,
            "7 3152 > 3655", "wrong, then corrected"),
    NAME("(?<name>[^\\d\\s#=!/<>?:.,-][^\\d#=<>?]*)", false, "Ida", "to the paper of Ida");

    private static final class Parts {
        private static final String QUESTION = "(?<question>\\d{1,3})(?:\\s+(?=\\.\\d)|\\s*[ .:]\\s*)";
        /**
         * A whole number or a decimal, with a remainder or a fraction behind it, a sign of money in front of it or a unit behind:
         * no other letters, since two lines that run into one another are no answer. Whether it has a value is asked of the problem.
         */
        private static final String NUMBER =
                "(?:[-−+]|[£$€¥₹]\\s*)?[\\d.][\\d .,'’]*(?:[rR](?:em(?:ainder)?)?\\.?\\s*\\d[\\d .,'’]*)?"
                        + "(?:/\\s*\\d+)?(?:\\s*(?:[£$€¥₹%]|(?:[mcdk]?m|[mk]?g|t|[mcd]?l|p|ct?|s|min|h)[²³]?))?";
        private static final String HOW = "(?::\\s*(?<how>\\S{1,20}))?";
    }

    private final String text;
    private final Pattern pattern;
    private final boolean movesOn;
    private final String example;
    private final String means;

    LineForm(String text, boolean movesOn, String example, String means) {
        this.text = text;
        this.pattern = Pattern.compile(text);
        this.movesOn = movesOn;
        this.example = example;
        this.means = means;
    }

    /** The pattern that a whole line of this form fits, its parts by name; read alike by Java and in a browser. */
    public String pattern() {
        return "^" + text + "$";
    }

    /** Whether the next paper comes after it. */
    public boolean movesOn() {
        return movesOn;
    }

    /** A line of this form. */
    public String example() {
        return example;
    }

    /** What the example means. */
    public String means() {
        return means;
    }

    Matcher matcher(String line) {
        return pattern.matcher(line);
    }
}
