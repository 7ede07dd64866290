package bemble.core.words;

import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.option.Placeholder;
import java.util.List;

/** The steps of a method as somebody keeps them in mind who works it alone: a sign and a few words each, in a house's words. */
public final class MethodSteps {
    /**
     * One of them.
     *
     * @param sign what is done, at a glance; at most two letters
     * @param says the same in words
     */
    public record Reminder(String sign, String says) {}

    private MethodSteps() {}

    /** The steps in their order; those in the middle come again until there is no digit left. */
    public static List<Reminder> of(MethodName method, HouseStyle style) {
        Words words = new Words(style);
        String carry = Words.capital(words.carry());
        String takeAway = Words.capital(words.takeAway());
        String ones = words.places(0);
        String tens = words.places(1);
        Reminder enough = new Reminder("?", "Is there enough to " + words.takeAway() + "?");
        return switch (method) {
            case COLUMN -> List.of(
                    new Reminder("1", Words.capital(ones) + " under " + ones + ", " + tens + " under " + tens + "."),
                    new Reminder("+", "Add a column, the " + ones + " first."),
                    new Reminder("10", "Ten or more? " + carry + " the ten."),
                    new Reminder("←", "On to the next column: what was " + words.carried() + " counts too."));
            case RUNNING -> List.of(new Reminder("+", "Add two numbers."),
                    new Reminder("=", "Set their sum out with the next number."),
                    new Reminder("+", "Add again, until no number is left."));
            case PARTIAL_SUMS -> List.of(new Reminder("1", "What is each digit worth?"),
                    new Reminder("+", "Add the worth of each place, the largest first."),
                    new Reminder("=", "Add these parts."));
            case DECOMPOSITION -> List.of(enough,
                    new Reminder("10", "No? " + Words.capital(words.exchange()) + " one of the next place for ten."),
                    new Reminder("−", takeAway + ", and write what is left."),
                    new Reminder("←", "On to the next column: look at the new digit."));
            case EQUAL_ADDITIONS -> List.of(enough, new Reminder("10", "No? Ten more above,"),
                    new Reminder("1", "and one more below, in the next column."),
                    new Reminder("−", takeAway + ", and on to the next column."));
            case COUNTING_UP -> List.of(new Reminder("1", "Begin at the smaller number."),
                    new Reminder("→", "Jump to the next ten, then to the next hundred."),
                    new Reminder("→", "Jump to the larger number."), new Reminder("+", "Add the jumps."));
            case LONG_MULTIPLICATION -> List.of(new Reminder("×", "Times the " + ones + ": the first row."),
                    new Reminder("×", "Times the " + tens + ": the next row" + behind(style.placeholder()) + "."),
                    new Reminder("10", carry + " the tens; add them after you multiply."),
                    new Reminder("+", "Add the rows."));
            case AREA -> List.of(new Reminder("1", "Split both numbers: what is each digit worth?"),
                    new Reminder("×", "Multiply every part by every other."),
                    new Reminder("+", "Add all the products."));
            case CROSSWISE -> List.of(new Reminder("×", Words.capital(ones) + " times " + ones + "."),
                    new Reminder("×", "Across, both ways, and add."),
                    new Reminder("10", "Ten or more? " + carry + " the tens."),
                    new Reminder("←", "On to the next place."));
            case LONG_DIVISION -> List.of(new Reminder("÷", share(style)),
                    new Reminder("×", "Times the divisor: write it under."),
                    new Reminder("−", takeAway + ": is what is left less than the divisor?"),
                    new Reminder("↓", "Bring the next digit down, and begin again."),
                    new Reminder("r", "No digit left? What is over is the remainder."));
            case SHORT_DIVISION -> List.of(new Reminder("÷", share(style)),
                    new Reminder("0", "It does not go? Write 0."),
                    new Reminder("→", "What is left goes small before the next digit."),
                    new Reminder("r", "No digit left? What is over is the remainder."));
            case PARTIAL_QUOTIENTS -> List.of(new Reminder("×", "Which easy lot of the divisor fits?"),
                    new Reminder("−", takeAway + " it, and note how many that were."),
                    new Reminder("?", "Does another lot fit?"), new Reminder("+", "Add the lots at the side."));
            case DOUBLED_ROOT, RUNNING_DIVISOR -> List.of(new Reminder("2", "Make pairs, from the " + ones + " on."),
                    new Reminder("√", "Largest digit whose square fits under the first pair."),
                    new Reminder("−", takeAway + ", and bring the next pair down."),
                    new Reminder("×2", "Double the root so far."),
                    new Reminder("?", "Which digit beside it, times itself, still fits?"));
            case MATCHING_COLUMNS -> List.of();
        };
    }

    private static String share(HouseStyle style) {
        return style.measuresOut() ? "How many times does the divisor go?" : "Share out: how many does each get?";
    }

    private static String behind(Placeholder placeholder) {
        return switch (placeholder) {
            case ZERO -> ", which begins with 0";
            case CROSS -> ", which begins with a cross";
            case BLANK -> ", one place to the left";
        };
    }
}
