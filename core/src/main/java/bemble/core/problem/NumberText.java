package bemble.core.problem;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one typed number: digits, perhaps grouped, perhaps with decimals. */
final class NumberText {
    private static final Set<Character> BLANKS = Set.of(' ', '\u00a0', '\u2009', '\u202f');
    private static final Set<Character> APOSTROPHES = Set.of('\'', '’');

    private static final int MOST_LETTERS = 200;

    private final String typed;
    private final String field;
    private final Punctuation punctuation;

    private NumberText(String typed, String field, Punctuation punctuation) {
        this.typed = typed;
        this.field = field;
        this.punctuation = punctuation;
    }

    /**
     * Reads a number of any size.
     *
     * @param typed what stands between the signs of a problem
     * @param field the field named in a fault
     * @throws Refusal when it is empty, unreadable, signed or wrongly grouped
     */
    static Numeral read(String typed, String field, Punctuation punctuation) {
        return new NumberText(strip(punctuation.echoed(typed)), field, punctuation).read();
    }

    private Numeral read() {
        if (typed.length() > MOST_LETTERS) {
            throw fault("This number is too long for the paper. Type a shorter one.");
        }
        if (typed.isEmpty()) {
            throw fault("A number is missing. Type one with digits, like 4206.");
        }
        if ("+-−–".indexOf(typed.charAt(0)) >= 0) {
            throw fault("“" + typed + "” has a sign. Type numbers without plus or minus in front, like "
                    + firstDigits("4206") + ".");
        }
        int point = typed.indexOf(punctuation.point());
        if (point >= 0 && typed.indexOf(punctuation.point(), point + 1) >= 0) {
            throw fault("“" + typed + "” has more than one decimal " + pointName() + ". Type one at most.");
        }
        String whole = point < 0 ? typed : typed.substring(0, point);
        String fraction = point < 0 ? "" : typed.substring(point + 1);
        if (point >= 0 && !isDigits(fraction)) {
            throw fault("“" + typed + "” needs digits alone behind the " + pointName() + ", like 20"
                    + punctuation.point() + "5.");
        }
        return Numeral.of((whole.isEmpty() ? "0" : ungroup(whole)) + (point < 0 ? "" : "." + fraction));
    }

    private String ungroup(String whole) {
        if (isDigits(whole)) {
            return whole;
        }
        char separator = 0;
        for (char c : whole.toCharArray()) {
            char kind = kindOf(c);
            if (kind == 0) {
                throw fault("“" + typed + "” is not a number: “" + c + "” is not a digit. "
                        + "Type digits only, like " + firstDigits("4206") + ".");
            }
            if (kind != 'd') {
                if (separator != 0 && separator != kind) {
                    throw wronglyGrouped();
                }
                separator = kind;
            }
        }
        String[] groups = whole.split("[^0-9]", -1);
        if (!groupsFit(groups)) {
            throw wronglyGrouped();
        }
        return String.join("", groups);
    }

    /** 'd' for a digit, one letter for each sort of separator, 0 for anything else. */
    private char kindOf(char c) {
        if (c >= '0' && c <= '9') {
            return 'd';
        }
        if (c == punctuation.separator()) {
            return 'c';
        }
        return BLANKS.contains(c) ? 'b' : APOSTROPHES.contains(c) ? 'a' : 0;
    }

    /** Three by three, or three and then twos, counted from the right. */
    private static boolean groupsFit(String[] groups) {
        int last = groups.length - 1;
        if (groups[last].length() != 3 || groups[0].isEmpty()) {
            return false;
        }
        boolean threes = groups[0].length() <= 3;
        boolean twos = groups[0].length() <= 2;
        for (int i = 1; i < last; i++) {
            threes &= groups[i].length() == 3;
            twos &= groups[i].length() == 2;
        }
        return threes || twos;
    }

    private Refusal wronglyGrouped() {
        String digits = typed.replaceAll("[^0-9]", "");
        String hint = "Type it without separators: " + digits;
        int comma = typed.lastIndexOf(punctuation.separator());
        if (comma > 0 && typed.indexOf(punctuation.separator()) == comma && isDigits(typed.substring(comma + 1))) {
            hint += ", or with a " + pointName() + " for decimals: "
                    + typed.substring(0, comma) + punctuation.point() + typed.substring(comma + 1);
        }
        return fault("“" + typed + "” is not grouped in threes from the right. " + hint + ".");
    }

    /** What of it is a number, its point too: whoever typed £3.45 is not told to type 345. */
    private String firstDigits(String otherwise) {
        String point = Character.toString(punctuation.point());
        Matcher number = Pattern.compile("[0-9]+(?:" + Pattern.quote(point) + "[0-9]+)?").matcher(typed);
        return number.find() ? number.group() : otherwise;
    }

    private String pointName() {
        return punctuation.word();
    }

    private Refusal fault(String message) {
        return Refusal.of(field, message);
    }

    private static boolean isDigits(String text) {
        return !text.isEmpty() && text.chars().allMatch(c -> c >= '0' && c <= '9');
    }

    /** Strips the blanks that people paste around numbers, which String.strip leaves in part. */
    static String strip(String text) {
        int from = 0;
        int to = text.length();
        while (from < to && isBlank(text.charAt(from))) {
            from++;
        }
        while (to > from && isBlank(text.charAt(to - 1))) {
            to--;
        }
        return text.substring(from, to);
    }

    private static boolean isBlank(char c) {
        return BLANKS.contains(c) || Character.isWhitespace(c);
    }
}
