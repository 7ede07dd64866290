package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.record.RootStage;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.math.BigInteger;

/** What is said while a square root is found. */
public final class RootTalk {
    private final HouseStyle style;
    private final boolean running;

    /** @param running whether the divisor runs down a column */
    public RootTalk(HouseStyle style, boolean running) {
        this.style = style;
        this.running = running;
    }

    public Spoken setOut(SquareRoot problem) {
        return new Spoken("Set out", "", "Write " + style.number(problem.radicand())
                + " under the root and mark off pairs of digits from the point outwards. Each pair gives one digit of the root.",
                "");
    }

    public Spoken bringDown(String pair, BigInteger current) {
        return new Spoken(title(pair), "bring down " + pair + " → " + number(current),
                "Bring the pair " + pair + " down: now there are " + number(current) + ".", "Which pair comes down?");
    }

    public Spoken doubled(BigInteger root, RootStage before, BigInteger doubled) {
        if (running) {
            String fact = before.divisor() + " + " + before.digit() + " = " + number(doubled);
            return new Spoken("Divisor", fact, "Add the last digit to the last divisor: " + fact
                    + ". A digit is sought to set beside it.", "What is the next divisor to begin with?");
        }
        String fact = "2 × " + number(root) + " = " + number(doubled);
        return new Spoken("Divisor", fact, "Double the root so far: " + fact + ". A digit is sought to set beside it.",
                "What is the root so far, doubled?");
    }

    /** The digit is found by trial: one too small, the one that fits, one too big. */
    public Spoken trial(BigInteger current, BigInteger doubled, int digit, boolean first) {
        String why = first ? tryFirst(current, digit) : tryBeside(current, doubled, digit);
        return new Spoken(first ? "First digit" : "Digit", number(current) + " → " + digit,
                why + " Write " + digit + (first ? " in the root." : " in the root and beside the divisor."),
                first ? "Which is the largest square in " + number(current) + "?"
                        : "Which digit goes both beside " + number(doubled) + " and in the root?");
    }

    private String tryFirst(BigInteger current, int digit) {
        return "The largest square in " + number(current) + " is " + square(digit) + "; " + square(digit + 1)
                + " is too big.";
    }

    private static String square(int digit) {
        return digit + " × " + digit + " = " + digit * digit;
    }

    private String tryBeside(BigInteger current, BigInteger doubled, int digit) {
        StringBuilder say = new StringBuilder("Try: ");
        if (digit > 0) {
            say.append(attempt(doubled, digit - 1)).append(" is too small, ");
        }
        say.append(attempt(doubled, digit)).append(" fits into ").append(number(current));
        if (digit < 9) {
            say.append(", ").append(attempt(doubled, digit + 1)).append(" is too big");
        }
        return say.append('.').toString();
    }

    private String attempt(BigInteger doubled, int digit) {
        BigInteger divisor = doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
        return number(divisor) + " × " + digit + " = " + number(divisor.multiply(BigInteger.valueOf(digit)));
    }

    public Spoken multiply(int digit, BigInteger divisor, BigInteger product) {
        String fact = number(divisor) + " × " + digit + " = " + number(product);
        return new Spoken("Take away", fact, fact + ".", "What is " + number(divisor) + " × " + digit + "?");
    }

    public Spoken subtract(BigInteger current, BigInteger product, BigInteger difference) {
        String fact = number(current) + " − " + number(product) + " = " + number(difference);
        return new Spoken("Take away", fact, "Take it away: " + fact + ".", "What is left?");
    }

    /** The result; a root that is cut off is never called equal. */
    public Spoken end(Numeral radicand, Numeral value, Numeral rounded, boolean exact) {
        String root = "√" + style.number(radicand);
        if (exact) {
            String fact = root + " = " + style.number(value);
            return new Spoken("Answer", fact, "Nothing is left: the root comes out exactly, " + fact + ".", "");
        }
        return new Spoken("Answer", root + " ≈ " + style.number(value), "Something is left, so the root goes on. Cut off here "
                + "it is " + style.number(value) + "; rounded it is " + style.number(rounded)
                + ". Cutting off is not rounding: " + root + " ≈ " + style.number(value) + ".", "");
    }

    private static String title(String pair) {
        return "Pair " + pair;
    }

    private String number(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
