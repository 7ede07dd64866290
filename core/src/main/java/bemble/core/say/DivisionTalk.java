package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.math.BigInteger;

/** What is said during a long division: what happens to the value, not a rhyme. */
public final class DivisionTalk {
    private final HouseStyle style;
    private final Words words;
    private final Division division;
    private final BigInteger divisor;

    public DivisionTalk(HouseStyle style, Division division) {
        this.style = style;
        this.words = new Words(style);
        this.division = division;
        this.divisor = division.divisor().wholeValue();
    }

    public Spoken setOut() {
        return new Spoken("Set out", "", "Set out " + style.number(division.dividend()) + " divided by "
                + style.number(division.divisor()) + ". Share from the highest place on.", "");
    }

    /** The digit is found by trial. */
    public Spoken divide(int place, BigInteger partial, int digit) {
        String shared = count(partial, place) + " shared among " + number(divisor);
        BigInteger next = divisor.multiply(BigInteger.valueOf(digit + 1L));
        String each = digit == 0
                ? "not even 1 " + words.one(place) + " each, since " + number(divisor) + " is more than " + number(partial)
                : words.count(digit, place) + " each, since " + digit + " × " + number(divisor) + " = "
                        + number(divisor.multiply(BigInteger.valueOf(digit))) + " fits and " + (digit + 1) + " × "
                        + number(divisor) + " = " + number(next) + " is too big";
        return new Spoken(words.title(place), number(partial) + " ÷ " + number(divisor) + " → " + digit,
                Words.capital(shared) + ": " + each + ". Write " + digit + " in " + words.column(place)
                        + " of the quotient.",
                Words.capital(shared) + ": how many each?");
    }

    public Spoken multiply(int place, int digit, BigInteger product) {
        return new Spoken(words.title(place), digit + " × " + number(divisor) + " = " + number(product),
                digit + " times " + number(divisor) + " is " + number(product) + ": " + count(product, place)
                        + " are given out.", "How many are given out?");
    }

    public Spoken subtract(int place, BigInteger partial, BigInteger product, BigInteger difference) {
        return new Spoken(words.title(place), number(partial) + " − " + number(product) + " = " + number(difference),
                Words.capital(number(partial)) + " " + words.takeAway() + " " + number(product) + " leaves "
                        + count(difference, place) + ".", "How many are left?");
    }

    /** The next digit of the dividend joins what is left. */
    public Spoken bringDown(int place, BigInteger left, int digit, BigInteger partial) {
        return new Spoken(words.title(place), "bring down " + digit + " → " + number(partial),
                Words.capital(count(left, place + 1)) + " and " + words.count(digit, place) + " are "
                        + count(partial, place) + ": bring the " + digit + " down.",
                "With " + words.count(digit, place) + ", how many " + words.places(place) + " are there now?");
    }

    /** The result, and as an equation where something is left over. */
    public Spoken end(Numeral quotient, Numeral remainder) {
        String dividend = style.number(division.dividend());
        if (remainder.isZero()) {
            return new Spoken("Answer", dividend + " ÷ " + number(divisor) + " = " + style.number(quotient),
                    "Nothing is left over: " + dividend + " divided by " + number(divisor) + " is exactly "
                            + style.number(quotient) + ".", "");
        }
        String equation = dividend + " = " + number(divisor) + " × " + style.number(quotient) + " + "
                + style.number(remainder);
        return new Spoken("Answer", equation, style.number(remainder) + " left over, the remainder. Write it beside the "
                + "quotient: " + equation + ".", "What is left over?");
    }

    private String count(BigInteger number, int place) {
        return number.bitLength() < 31 ? words.count(number.intValue(), place)
                : number(number) + " " + words.places(place);
    }

    private String number(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
