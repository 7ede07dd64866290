package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.style.Placeholder;
import bemble.core.working.Spoken;

/** What is said during a long multiplication. */
public final class MultiplicationTalk {
    private final HouseStyle style;
    private final Words words;
    private final AdditionTalk addition;

    public MultiplicationTalk(HouseStyle style) {
        this.style = style;
        this.words = new Words(style);
        this.addition = new AdditionTalk(style);
    }

    public Spoken setOut(Numeral top, Numeral bottom) {
        return new Spoken("Set out", "", "Set out " + style.number(top) + " times " + style.number(bottom) + ": "
                + words.places(0) + " under " + words.places(0) + ". Each digit below gets a row.", "");
    }

    /** A row that is not of the ones begins. */
    public Spoken placeholders(int place, int digit, int count, Placeholder kind) {
        String by = digit + "0".repeat(place);
        String what = kind == Placeholder.ZERO ? "0" : kind == Placeholder.CROSS ? "a cross" : "nothing";
        String where = count == 1 ? words.column(0) : "the last " + count + " places";
        String write = count == 0 ? "" : " Write " + what + " in " + where + ".";
        return new Spoken("Row of the " + words.places(place), "times " + by,
                "Now times " + words.count(digit, place) + ", that is times " + by + ": every digit "
                        + (place == 1 ? "one place" : place + " places") + " to the left." + write,
                "Now times " + by + ". What is written first?");
    }

    /** A fact, with the carry that came in. */
    public Spoken product(int place, int digit, int other, int product, int carryIn, int total) {
        String fact = digit + " × " + other + (carryIn > 0 ? " + " + carryIn : "") + " = " + total;
        String say = digit + " times " + other + " is " + product;
        if (carryIn > 0) {
            say += ", and the " + carryIn + " " + words.carried() + " make " + total;
        }
        return new Spoken(words.title(place), fact,
                words.title(place) + ": " + say + ": " + words.count(total, place) + ".",
                words.title(place) + ": " + digit + " times " + other
                        + (carryIn > 0 ? ", and " + carryIn + " " + words.carried() : "") + "?");
    }

    public Spoken digit(int place, int total, int digit, int carry) {
        return addition.digit(place, total, digit, carry);
    }

    /** The carry of a row is written. */
    public Spoken carry(int place, int carry) {
        String what = words.carry() + " " + words.count(carry, place + 1);
        return new Spoken(words.title(place), what, Words.capital(what) + ", written small.",
                "What is " + words.carried() + "?");
    }

    /** The row's last total is written whole. */
    public Spoken last(int place, int total) {
        return new Spoken(words.title(place), Integer.toString(total), total < 10
                ? "Write " + total + " in " + words.column(place) + "."
                : "This is the row's last product: write " + total + " whole, its last digit in "
                        + words.column(place) + ".", "What is written?");
    }

    /** A row that comes to nothing. */
    public Spoken zeroRow(Numeral top, int digit) {
        return new Spoken("Row of 0", digit + " × " + style.number(top) + " = 0",
                digit + " times " + style.number(top) + " is 0: the row is 0.", "What is " + digit + " times "
                        + style.number(top) + "?");
    }

    public Spoken addRows(int rows) {
        return new Spoken("Add the rows", "", "Now add the " + rows + " rows.", "");
    }
}
