package bemble.core.root;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.stack.Left;
import bemble.core.stack.Times;
import bemble.core.style.HouseStyle;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import java.math.BigInteger;
import java.util.List;

/** What is said while a square root is found, from what was decided. */
final class RootWords {
    private RootWords() {}

    /** @param zeros whether zeros are set out behind the radicand */
    static Spoken setOut(Said said, SquareRoot problem, boolean zeros) {
        boolean rightly = !said.has(MarkedOff.class) || said.decided(MarkedOff.class) == 0;
        return Spoken.of("Set out", "Write " + said.style().number(problem.radicand()) + " under the root"
                + (zeros ? ", with the zeros that it will need," : "") + " and mark off pairs of digits"
                + (rightly ? " from the point outwards" : "") + ". Each pair gives one digit of the root.", "");
    }

    /**
     * A pair comes down.
     *
     * @param place that of its second digit
     * @param isSetOut whether its zeros stand there from the start
     */
    static Spoken bringDown(Said said, Numeral radicand, int place, boolean isSetOut) {
        Current current = said.asked(Current.class);
        String now = number(said, said.decided(Current.class));
        return new Spoken("Pair " + current.pair(), Fact.of("bring down " + current.pair(), " → ", now),
                (isSetOut ? "" : filled(said, radicand, place)) + "Bring the pair " + current.pair()
                        + " down: now there are " + now
                        + ".",
                "Which pair comes down?");
    }

    /** What is written where the radicand has no digits any more. */
    private static String filled(Said said, Numeral radicand, int place) {
        if (place >= 0 || radicand.has(place)) {
            return "";
        }
        if (radicand.has(place + 1)) {
            return "The pair has one digit only: a 0 fills it. ";
        }
        String point = place == -2 && radicand.isWhole()
                ? "the " + said.style().point().punctuation().word() + " and " : "";
        return "Nothing more stands there, so write " + point + "two zeros. ";
    }

    static Spoken doubled(Said said) {
        Doubled asked = said.asked(Doubled.class);
        String result = number(said, said.decided(Doubled.class));
        boolean doubles = said.decided(Doubled.class).equals(asked.careful());
        if (asked.divisorBefore() != null) {
            String sum = number(said, asked.divisorBefore()) + " + " + asked.digitBefore();
            return new Spoken("Divisor", Fact.of(sum, doubles ? " = " : " → ", result), doubles
                    ? "Add the last digit to the last divisor: " + sum + " = " + result
                            + ". A digit is sought to set beside it."
                    : "Write " + result + ". A digit is sought to set beside it.",
                    "What is the next divisor to begin with?");
        }
        if (!doubles) {
            return new Spoken("Divisor", Fact.of(number(said, asked.root()), " → ", result),
                    "From the root so far, " + number(said, asked.root()) + ", comes " + result
                            + ". A digit is sought to set beside it.",
                    "What is the root so far, doubled?");
        }
        String fact = "2 × " + number(said, asked.root());
        return new Spoken("Divisor", asked.root().bitLength() < 5
                ? Fact.of(fact, result, '×', List.of(2, asked.root().intValue())) : Fact.of(fact, " = ", result),
                "Double the root so far: " + fact + " = " + result + ". A digit is sought to set beside it.",
                "What is the root so far, doubled?");
    }

    /** The 0 that nothing was taken away for stands beside the divisor already. */
    static Spoken goesOn(Said said, BigInteger divisor) {
        String now = number(said, divisor);
        return new Spoken("Divisor", Fact.of("divisor " + now),
                "The 0 stands beside the divisor already, so it begins with " + now
                        + ". A digit is sought to set beside it.",
                "What is the next divisor to begin with?");
    }

    static Spoken first(Said said) {
        return trial(said, true);
    }

    /** The digit is found by trial: one too small, the one that fits, one too big. */
    static Spoken trial(Said said) {
        return trial(said, false);
    }

    private static Spoken trial(Said said, boolean first) {
        RootDigit asked = said.asked(RootDigit.class);
        int digit = said.decided(RootDigit.class);
        String current = number(said, asked.current());
        boolean takesNothing = digit == 0 && !first && inRoot(said) && !said.style().writesZeroProducts();
        String why = digit == asked.careful() ? first ? largestSquare(said, current) : tries(said, asked) : "";
        boolean inRoot = inRoot(said);
        String where = first ? inRoot ? " in the root." : " beside."
                : inRoot ? " in the root and beside the divisor." : " beside the divisor, nothing in the root.";
        String write = first && !inRoot ? "Nothing is written." : "Write " + digit + where;
        return new Spoken(first ? "First digit" : "Digit", Fact.of(current, " → ", Integer.toString(digit)),
                (why.isEmpty() ? write : why + " " + write) + (takesNothing ? " Nothing is taken away." : ""),
                first ? "Which is the largest square in " + current + "?"
                        : "Which digit goes both beside " + number(said, asked.doubled()) + " and in the root?");
    }

    private static boolean inRoot(Said said) {
        return said.written(RootDigit.class);
    }

    private static String largestSquare(Said said, String current) {
        List<Tried> tried = said.allAsked(Tried.class);
        return "The largest square in " + current + " is " + square(tried.get(tried.size() - 2)) + "; "
                + square(tried.get(tried.size() - 1)) + " is too big.";
    }

    private static String square(Tried tried) {
        return tried.digit() + " × " + tried.digit() + " = " + tried.careful();
    }

    /** The digit to begin the trials with, by the leading figures. */
    private static BigInteger guess(BigInteger current, BigInteger doubled) {
        return current.divide(doubled.multiply(BigInteger.TEN)).min(BigInteger.valueOf(9));
    }

    /** The estimate as it is jotted: {@code 129 ÷ 40 → 3}. */
    static String estimate(HouseStyle style, BigInteger current, BigInteger doubled) {
        return style.number(Numeral.of(current)) + " ÷ " + style.number(Numeral.of(doubled.multiply(BigInteger.TEN)))
                + " → "
                + guess(current, doubled);
    }

    private static String tries(Said said, RootDigit asked) {
        StringBuilder say = new StringBuilder();
        String estimate = asked.doubled().signum() == 0 ? "Try: " : "About " + number(said, asked.current()) + " by "
                + number(said, asked.doubled().multiply(BigInteger.TEN)) + ": try "
                + guess(asked.current(), asked.doubled()) + ". ";
        for (Tried tried : said.allAsked(Tried.class)) {
            int apart = Integer.compare(tried.digit(), said.decided(RootDigit.class));
            // Nothing takes nothing, and beyond 9 there is no digit: neither is a try.
            if (apart > 0 && tried.digit() > 9 || apart < 0 && tried.digit() == 0) {
                continue;
            }
            say.append(apart == 0 && say.length() > 0 ? ", " : apart > 0 ? ", " : "")
                    .append(number(said, tried.divisor())).append(" × ").append(tried.digit()).append(" = ")
                    .append(number(said, tried.careful()))
                    .append(apart < 0 ? " leaves room"
                            : apart == 0 ? " fits into " + number(said, asked.current()) : " is too big");
        }
        return estimate + say + ".";
    }

    static Spoken multiply(Said said) {
        Times times = said.asked(Times.class);
        String asked = number(said, times.divisor()) + " × " + times.digit();
        String product = number(said, said.decided(Times.class));
        return new Spoken("Take away", times.divisor().bitLength() < 4
                ? Fact.of(asked, product, '×', List.of(times.divisor().intValue(), times.digit()))
                : Fact.of(asked, " = ", product), asked + " = " + product + ".", "What is " + asked + "?");
    }

    static Spoken subtract(Said said) {
        Left left = said.asked(Left.class);
        String asked = number(said, left.from()) + " − " + number(said, left.product());
        String rest = number(said, said.decided(Left.class));
        return new Spoken("Take away", Fact.of(asked, " = ", rest), "Take it away: " + asked + " = " + rest + ".",
                "What is left?");
    }

    /** The result; a root that is cut off is never called equal. */
    static Spoken end(Said said, Numeral radicand, Numeral value, boolean exact) {
        String root = "√" + said.style().number(radicand);
        String written = said.style().number(value);
        if (exact && value.value().multiply(value.value()).compareTo(radicand.value()) == 0) {
            return new Spoken("Answer", Fact.of(root, " = ", written),
                    "Nothing is left: the root comes out exactly, " + root + " = " + written + ".", "");
        }
        if (exact) {
            return new Spoken("Answer", Fact.of(root, " → ", written),
                    "Nothing is left. The root reads " + written + ".", "");
        }
        boolean up = said.decided(Rounding.class);
        Numeral rounded =
                up ? Numeral.ofDigits(value.wholeValue().add(BigInteger.ONE).toString(), value.decimals()) : value;
        return new Spoken("Answer", Fact.of(root, " ≈ ", written),
                "Something is left, so the root goes on. Cut off here: " + root + " ≈ "
                        + written + ". " + (rounded.equals(value) ? "Rounded, it is the same."
                                : "Rounded instead of cut off, it would be " + said.style().number(rounded) + "."),
                "");
    }

    private static String number(Said said, BigInteger number) {
        return said.style().number(Numeral.of(number));
    }
}
