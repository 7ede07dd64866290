package bemble.core.problem;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a problem as it is typed on one line, such as {@code 487 + 96 + 8} or {@code √7 to 3 dp}. */
public final class ProblemText {
    /** The most digits one typed number may have, leading zeros not counted. */
    public static final int MOST_DIGITS = 40;
    public static final int MOST_ADDENDS = 12;
    public static final int MOST_DECIMALS = 12;

    /** A longer line is no problem that could be worked, whatever it says. */
    private static final int MOST_LETTERS = 2000;
    private static final String FIELD = "problem";
    private static final Pattern ROOT = Pattern.compile("(?i)^(?:√|sqrt\\b|sqrt(?=[0-9(]))(.*)$", Pattern.DOTALL);
    private static final Pattern TO_DECIMALS =
            Pattern.compile("(?i)^(.*?)\\s+to\\s+(\\d{1,6})\\s*(?:dp|d\\.p\\.|decimals?|decimal places?)$",
                    Pattern.DOTALL);
    /** What is left open on a printed sheet: a line, a box, dots, a question mark. */
    private static final String OPEN = "_+|[?□☐…]|\\.{2,}";
    /** What is sought, open or named by a letter, in front or behind: {@code y = 305 − 66}, {@code 305 − 66 = __}, {@code 305 − 66 =}. */
    private static final Pattern SOUGHT = Pattern.compile(
            "^(?:(?:([A-Za-z])|" + OPEN + ")\\s*=\\s*)?(.*?)(?:\\s*=\\s*(?:([A-Za-z])|" + OPEN + ")?)?$",
            Pattern.DOTALL);
    private static final String PLUS = "+";
    private static final String MINUS = "-−–";
    private static final String TIMES = "×xX*";
    private static final String SHARE = "÷/";
    private static final String SIGNS = PLUS + MINUS + TIMES + SHARE;

    private ProblemText() {}

    /**
     * Reads a typed line.
     *
     * @param defaultDecimals the decimals of a root whose line does not name them
     * @throws Refusal when the line cannot be read or asks for what is not worked here; faults name {@code problem}
     */
    public static Problem read(String line, int defaultDecimals, Punctuation punctuation) {
        String text = NumberText.strip(line);
        if (text.length() > MOST_LETTERS) {
            throw refuse("This line is too long to be one problem. Type up to " + MOST_ADDENDS + " numbers of up to "
                    + MOST_DIGITS + " digits.");
        }
        Matcher sought = SOUGHT.matcher(text);
        text = sought.matches() ? NumberText.strip(sought.group(2)) : text;
        if (text.isEmpty()) {
            throw refuse("Type a problem, like 4738 + 1967, and press Enter.");
        }
        Matcher root = ROOT.matcher(text);
        if (root.matches()) {
            return root(root.group(1), defaultDecimals, punctuation);
        }
        List<String> numbers = new ArrayList<>();
        String signs = split(text, numbers);
        if (signs.isEmpty()) {
            String number = number(text, FIELD, punctuation).plain();
            throw refuse("“" + text + "” is a number, not yet a problem. Add a sign and another number, like "
                    + number + " + 25.");
        }
        if (signs.chars().distinct().count() > 1) {
            throw refuse("This line mixes " + signs.charAt(0) + " and " + otherSign(signs)
                    + ". One problem works one sign: type the parts as problems of their own.");
        }
        char sign = signs.charAt(0);
        if (sign != '+' && numbers.size() > 2) {
            throw refuse("Only additions take more than two numbers. Type two numbers with " + sign + " between them.");
        }
        List<Numeral> operands = new ArrayList<>();
        for (int i = 0; i < numbers.size(); i++) {
            if (NumberText.strip(numbers.get(i)).isEmpty()) {
                throw missing(numbers, i, sign);
            }
            operands.add(number(numbers.get(i), FIELD, punctuation));
        }
        return of(operationOf(sign), operands, 0);
    }

    /**
     * Reads what {@link Problem#text()} wrote, such as {@code 12.5 + 3}: numbers with a point, whatever a house style has.
     *
     * @throws Refusal when no problem wrote it
     */
    public static Problem kept(String text) {
        return read(text, 0, Punctuation.POINT);
    }

    /** The letter by which a typed line names what is sought, if it does. */
    public static Optional<String> sought(String line) {
        String text = NumberText.strip(line);
        Matcher sought = SOUGHT.matcher(text.length() > MOST_LETTERS ? "" : text);
        if (!sought.matches()) {
            return Optional.empty();
        }
        return Optional.ofNullable(sought.group(1) != null ? sought.group(1) : sought.group(3));
    }

    /**
     * The problem with an operation and operands given apart.
     *
     * @param texts each operand as typed
     * @throws Refusal with faults that name {@code operands}, {@code decimals} or {@code problem}
     */
    public static Problem read(Operation operation, List<String> texts, int decimals, Punctuation punctuation) {
        if (texts.size() < (operation == Operation.SQUARE_ROOT ? 1 : 2)) {
            throw Refusal.of("operands", operation == Operation.SQUARE_ROOT
                    ? "A root needs one number." : "Give two numbers at least.");
        }
        if (operation != Operation.ADDITION && texts.size() > (operation == Operation.SQUARE_ROOT ? 1 : 2)) {
            throw Refusal.of("operands", "These are too many numbers for a " + operation.id().replace('-', ' ') + ".");
        }
        return of(operation, texts.stream().map(text -> number(text, "operands", punctuation)).toList(), decimals);
    }

    private static Problem of(Operation operation, List<Numeral> operands, int decimals) {
        if (operands.size() > MOST_ADDENDS) {
            throw refuse("These are " + operands.size() + " addends; " + MOST_ADDENDS
                    + " at most go on one paper. Leave some out, or add in two parts.");
        }
        if (decimals < 0 || decimals > MOST_DECIMALS) {
            throw Refusal.of("decimals",
                    "A root is worked to 0 to " + MOST_DECIMALS + " decimals. Type a number from 0 to "
                            + MOST_DECIMALS + ".");
        }
        return switch (operation) {
            case ADDITION -> new Problem.Addition(operands);
            case SUBTRACTION -> new Problem.Subtraction(operands.get(0), operands.get(1));
            case MULTIPLICATION -> new Problem.Multiplication(operands.get(0), operands.get(1));
            case DIVISION -> new Problem.Division(operands.get(0), operands.get(1));
            case SQUARE_ROOT -> new Problem.SquareRoot(operands.get(0), decimals);
        };
    }

    private static Problem root(String rest, int defaultDecimals, Punctuation punctuation) {
        String text = NumberText.strip(rest);
        int decimals = defaultDecimals;
        Matcher to = TO_DECIMALS.matcher(text);
        if (to.matches()) {
            text = to.group(1);
            decimals = Integer.parseInt(to.group(2));
        }
        if (NumberText.strip(text).isEmpty()) {
            throw refuse("The number under the root is missing. Type it like √529.");
        }
        return of(Operation.SQUARE_ROOT, List.of(number(text, FIELD, punctuation)), decimals);
    }

    /**
     * Reads one number, such as an answer.
     *
     * @throws Refusal where it cannot be read; its fault names {@code given}
     */
    public static Numeral number(String text, Punctuation punctuation) {
        return NumberText.read(text, "given", punctuation);
    }

    /** Puts what stands between the signs into {@code numbers}; the signs found, each as its plain form. */
    private static String split(String text, List<String> numbers) {
        StringBuilder signs = new StringBuilder();
        StringBuilder number = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean startsNumber = NumberText.strip(number.toString()).isEmpty();
            if (SIGNS.indexOf(c) < 0 || startsNumber && (PLUS + MINUS).indexOf(c) >= 0 && digitFollows(text, i)) {
                number.append(c);
            } else {
                numbers.add(number.toString());
                number.setLength(0);
                signs.append(plain(c));
            }
        }
        numbers.add(number.toString());
        return signs.toString();
    }

    private static boolean digitFollows(String text, int at) {
        return at + 1 < text.length() && Character.isDigit(text.charAt(at + 1));
    }

    private static char plain(char sign) {
        return PLUS.indexOf(sign) >= 0 ? '+' : MINUS.indexOf(sign) >= 0 ? '−' : TIMES.indexOf(sign) >= 0 ? '×' : '÷';
    }

    private static char otherSign(String signs) {
        return (char) signs.chars().filter(c -> c != signs.charAt(0)).findFirst().orElseThrow();
    }

    private static Operation operationOf(char sign) {
        return switch (sign) {
            case '+' -> Operation.ADDITION;
            case '−' -> Operation.SUBTRACTION;
            case '×' -> Operation.MULTIPLICATION;
            default -> Operation.DIVISION;
        };
    }

    private static Refusal missing(List<String> numbers, int at, char sign) {
        String where =
                at == 0 ? "before the first " : at == numbers.size() - 1 ? "after the last " : "between two signs ";
        return refuse("A number is missing " + where + sign + ". Type it there, like "
                + String.format(Locale.ROOT, "12 %c 5", sign) + ".");
    }

    /**
     * Reads one typed number within the limits.
     *
     * @param field the field named in a fault
     * @throws Refusal when it cannot be read or has too many digits
     */
    public static Numeral number(String text, String field, Punctuation punctuation) {
        Numeral number = NumberText.read(text, field, punctuation);
        int counted =
                number.isWhole() ? number.length() : number.length() - (number.digit(number.highest()) == 0 ? 1 : 0);
        if (counted > MOST_DIGITS) {
            throw Refusal.of(field, "This number has " + counted + " digits; " + MOST_DIGITS
                    + " at most fit on the paper. Type a shorter one.");
        }
        return number;
    }

    private static Refusal refuse(String message) {
        return Refusal.of(FIELD, message);
    }
}
