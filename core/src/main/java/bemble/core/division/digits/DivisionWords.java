package bemble.core.division.digits;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.BroughtDown;
import bemble.core.stack.Left;
import bemble.core.stack.Times;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import java.math.BigInteger;
import java.util.List;

/** What is said during a division, from what was decided: what happens to the value, not a rhyme. */
public final class DivisionWords {
    private static final int SMALL = 100;
    private static final int SMALL_BITS = 17;

    private DivisionWords() {}

    /** @param byDigits whether digit after digit is found, not easy lots taken away */
    static Spoken setOut(Said said, Division division, boolean byDigits) {
        return Spoken.of("Set out", "Set out " + said.style().number(division.dividend()) + " divided by "
                + said.style().number(division.divisor())
                + (!byDigits ? ". Take away easy lots until none fits." : said.style().measuresOut()
                        ? ". Measure out from the highest place on." : ". Share from the highest place on."),
                "");
    }

    /** The digit is found by trial; what is said of the tries is true whatever digit was taken. */
    static Spoken divide(Said said) {
        Words words = said.words();
        Goes goes = said.asked(Goes.class);
        int place = goes.place();
        int digit = said.decided(Goes.class);
        String divisor = number(said, goes.divisor());
        boolean measures = said.style().measuresOut();
        String there = count(said, goes.partial(), place);
        // Measured are values: how many are in the number that stands there, and what that many are worth.
        String shared = measures ? "how many " + divisor + "s are in " + number(said, goes.partial()) + "?"
                : there + " shared among " + divisor + ":";
        String none = measures ? "not one" : "not even 1 " + words.one(place) + " each";
        BigInteger next = said.decided(TooBig.class);
        boolean nextTooBig = next.compareTo(goes.partial()) > 0;
        BigInteger fits = next.subtract(goes.divisor());
        String each;
        if (digit == 0) {
            each = none + (nextTooBig ? ", since " + divisor + " is more than "
                    + number(said, goes.partial()) : "");
        } else {
            each = measures ? Integer.toString(digit) : words.count(digit, place) + " each";
            if (fits.compareTo(goes.partial()) <= 0 && nextTooBig && said.style().listsMultiples()) {
                each += ", for " + number(said, fits) + " is the largest in the list that fits";
            } else if (fits.compareTo(goes.partial()) <= 0) {
                each += ", since " + digit + " × " + divisor + " = " + number(said, fits) + " fits"
                        + (nextTooBig
                                ? " and " + (digit + 1) + " × " + divisor + " = " + number(said, next) + " is too big"
                                : "");
            }
            each += measures ? ": " + words.count(digit, place) : "";
        }
        String write = said.written(Goes.class)
                ? " Write " + goes.instead().orElse(digit) + " in " + words.column(place) + " of the quotient."
                : " Nothing is written in the quotient.";
        boolean small = goes.partial().bitLength() < SMALL_BITS && goes.divisor().bitLength() < SMALL_BITS;
        String asked = number(said, goes.partial()) + " ÷ " + divisor;
        Fact fact = new Fact(asked, " → ", Integer.toString(digit), small ? '÷' : (char) 0,
                small ? List.of(goes.partial().intValue(), goes.divisor().intValue()) : List.of());
        return new Spoken(words.title(place), fact,
                (said.style().decidesAloud() ? ""
                        : startsHere(said, goes.first(), goes.partial(), goes.divisor(), place)) + Words.capital(shared)
                        + " " + (measures ? Words.capital(each) : each) + "." + write,
                Words.capital(shared) + (measures ? "" : " how many each?"));
    }

    /** Why a division begins with more than its first digit; nothing where it does not. */
    private static String startsHere(Said said, boolean first, BigInteger partial, BigInteger by, int place) {
        BigInteger lead = partial.divide(BigInteger.TEN);
        if (!first || lead.signum() == 0 || lead.compareTo(by) >= 0) {
            return "";
        }
        String there = count(said, lead, place + 1);
        String divisor = number(said, by);
        return said.style().measuresOut() ? "There is no " + divisor + " in " + number(said, lead) + ". "
                : Words.capital(there) + " among " + divisor + ": less than 1 each. ";
    }

    /** Before a digit is sought: whether there is enough for it. */
    static Spoken enough(Said said) {
        IsEnough asked = said.asked(IsEnough.class);
        Words words = said.words();
        int place = asked.place();
        boolean goes = said.decided(IsEnough.class);
        String divisor = number(said, asked.divisor());
        String there = words.title(place) + ": " + (said.style().measuresOut() ? number(said, asked.partial())
                : count(said, asked.partial(), place));
        String question = said.style().measuresOut() ? ", is there a " + divisor + " in it?"
                : " among " + divisor + ", is that enough for 1 each?";
        return new Spoken(words.title(place),
                Fact.of(number(said, asked.partial()) + ", " + divisor, ": ", goes ? "it goes" : "it does not go"),
                startsHere(said, asked.first(), asked.partial(), asked.divisor(), place) + there
                        + (said.style().measuresOut()
                                ? ", " + (goes ? "at least one " : "not one ") + divisor + " is in it."
                                : " among " + divisor + ", "
                                        + (goes ? "enough for 1 each." : "not enough for 1 each.")),
                there + question);
    }

    static Spoken multiply(Said said) {
        Times times = said.asked(Times.class);
        int place = times.place();
        String divisor = number(said, times.divisor());
        BigInteger product = said.decided(Times.class);
        String asked = times.digit() + " × " + divisor;
        boolean small = times.divisor().compareTo(BigInteger.TEN) < 0;
        return new Spoken(said.words().title(place), small
                ? Fact.of(asked, number(said, product), '×', List.of(times.digit(), times.divisor().intValue()))
                : Fact.of(asked, " = ", number(said, product)),
                times.digit() + " times " + divisor + " is " + number(said, product) + ": "
                        + count(said, product, place)
                        + (product.equals(BigInteger.ONE) ? " is " : " are ") + gone(said) + ".",
                "How many are " + gone(said) + "?");
    }

    private static String gone(Said said) {
        return said.style().measuresOut() ? "measured out" : "given out";
    }

    static Spoken subtract(Said said) {
        Left left = said.asked(Left.class);
        BigInteger rest = said.decided(Left.class);
        return new Spoken(said.words().title(left.place()),
                difference(said, left.from(), left.product(), rest),
                Words.capital(number(said, left.from())) + " " + said.words().takeAway() + " "
                        + number(said, left.product())
                        + " leaves " + count(said, rest, left.place()) + ".",
                "How many are left?");
    }

    public static Fact difference(Said said, BigInteger from, BigInteger product, BigInteger rest) {
        String asked = number(said, from) + " − " + number(said, product);
        return from.compareTo(BigInteger.valueOf(SMALL)) < 0
                ? Fact.of(asked, number(said, rest), '−', List.of(from.intValue(), product.intValue()))
                : Fact.of(asked, " = ", number(said, rest));
    }

    /** The next digit of the dividend joins what is left. */
    static Spoken bringDown(Said said) {
        Words words = said.words();
        int place = said.place();
        BigInteger left = said.asked(Joined.class).left();
        BigInteger partial = said.decided(Joined.class);
        int digit = said.decided(BroughtDown.class);
        return new Spoken(words.title(place), Fact.of("bring down " + digit, " → ", number(said, partial)),
                Words.capital(count(said, left, place + 1)) + " and " + words.count(digit, place) + " are "
                        + count(said, partial, place) + ": bring the " + digit + " down.",
                "With " + words.count(digit, place) + ", how many " + words.places(place) + " are there now?");
    }

    /**
     * The result, and as an equation where something is left over.
     *
     * @param byDigits whether digit after digit came down, until none was left
     */
    static Spoken end(Said said, Division division, Numeral quotient, boolean byDigits) {
        String dividend = said.style().number(division.dividend());
        String divisor = said.style().number(division.divisor());
        Numeral rest = Numeral.of(said.decided(Remainder.class));
        BigInteger back = division.divisor().wholeValue().multiply(quotient.wholeValue()).add(rest.wholeValue());
        boolean true1 = back.equals(division.dividend().wholeValue());
        String groups = said.style().measuresOut() && true1 ? said.style().number(quotient)
                + (quotient.compareTo(Numeral.of("1")) == 0 ? " group of " : " groups of ") + divisor + ", " : "";
        if (rest.isZero()) {
            String fact = dividend + " ÷ " + divisor;
            return new Spoken("Answer", Fact.of(fact, true1 ? " = " : " → ", said.style().number(quotient)),
                    (groups.isEmpty() ? "Nothing" : groups + "nothing") + " is left over"
                            + (true1 ? ": " + dividend + " divided by " + divisor + " is exactly "
                                    + said.style().number(quotient)
                                    : ". The quotient reads " + said.style().number(quotient))
                            + ".",
                    "");
        }
        boolean isLess = rest.compareTo(division.divisor()) < 0;
        String written = (!isLess ? ""
                : byDigits
                        ? "No more digits to bring down, and " + said.style().number(rest) + " is less than " + divisor
                                + ". "
                        : said.style().number(rest) + " is less than " + divisor + ", so no more fits. ")
                + (said.written(Remainder.class)
                        ? groups + said.style().number(rest) + " left over, the remainder. "
                                + goes(said.decided(RemainderGoes.class))
                        : groups + said.style().number(rest) + " left over. Nothing is written beside the quotient");
        String equation =
                dividend + " = " + divisor + " × " + said.style().number(quotient) + " + " + said.style().number(rest);
        return new Spoken("Answer", true1 ? Fact.of(dividend, " = ", equation.substring(dividend.length() + 3))
                : Fact.of(said.style().number(quotient)), written + (true1 ? ": " + equation : "") + ".",
                "What is left over?");
    }

    private static String goes(RemainderGoes.Where where) {
        return switch (where) {
            case BESIDE -> "Write it beside the quotient";
            case BEHIND_A_POINT -> "Write it behind a point";
            case AS_LAST_DIGITS -> "Write it straight behind the quotient";
        };
    }

    static String count(Said said, BigInteger number, int place) {
        return number.bitLength() < 31 ? said.words().count(number.intValue(), place)
                : number(said, number) + " " + said.words().places(place);
    }

    public static String number(Said said, BigInteger number) {
        return said.style().number(Numeral.of(number));
    }
}
