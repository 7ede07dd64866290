package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.util.List;

/** What is said while numbers are added column by column. */
public final class AdditionTalk {
    private final HouseStyle style;
    private final Words words;

    public AdditionTalk(HouseStyle style) {
        this.style = style;
        this.words = new Words(style);
    }

    /** The numbers are set out under each other. */
    public Spoken setOut(List<Numeral> addends) {
        boolean points = addends.stream().anyMatch(number -> !number.isWhole());
        String rule = words.places(0) + " under " + words.places(0) + (points ? ", point under point" : "");
        return new Spoken("Set out", "", "Set out " + Words.list(addends.stream().map(style::number).toList()) + ": " + rule
                + ", one digit in a square.", "");
    }

    /** A column is totalled. */
    public Spoken total(int place, List<Integer> digits, int carryIn, int total) {
        String addends = words.countEach(digits, place);
        String ask = addends;
        String say;
        if (carryIn == 0) {
            say = digits.size() < 2
                    ? "only " + addends + ", nothing to add"
                    : addends + " are " + words.count(total, place);
        } else {
            String carried = words.count(carryIn, place) + " " + words.carried();
            ask = digits.isEmpty() ? carried : style.carryFirst() ? carried + (digits.size() < 2 ? " and " : ", ") + addends
                    : addends + ", and " + carried;
            say = digits.isEmpty() ? carried + ", nothing to add" : ask + " are " + words.count(total, place);
        }
        return new Spoken(words.title(place), Words.sum(words.inOrder(digits, carryIn), total),
                words.title(place) + ": " + say + ".",
                words.title(place) + ": " + ask + ". How many " + words.places(place) + " altogether?");
    }

    /** The digit of a column that is not the last is written. */
    public Spoken digit(int place, int total, int digit, int carry) {
        String write = "Write " + digit + " in " + words.column(place) + ".";
        String say = carry == 0 ? write
                : words.count(total, place) + " are " + words.count(carry, place + 1) + " and "
                        + words.count(digit, place) + ": " + write.replace("Write", "write");
        return new Spoken(words.title(place), total + " → " + digit, say, "What goes in " + words.column(place) + "?");
    }

    /** The carry is written into the next column. */
    public Spoken carry(int place, int carry) {
        String what = words.count(carry, place + 1);
        String where = switch (style.carryPlace()) {
            case ABOVE_NEXT -> "a small " + carry + " above " + words.column(place + 1);
            case FOOT_OF_NEXT -> "a small " + carry + " at the foot of " + words.column(place + 1);
            case ON_THE_RULE -> "a small " + carry + " on the rule in " + words.column(place + 1);
            case UNDER_ANSWER -> "a small " + carry + " under the answer in " + words.column(place + 1);
            case BEFORE_NEXT_DIGIT -> "a small " + carry + " where the answer in " + words.column(place + 1) + " will stand";
        };
        String verb = Words.capital(words.carry());
        return new Spoken(words.title(place), words.carry() + " " + what, verb + " " + what + ": " + where + ".",
                "What is " + words.carried() + "?");
    }

    /** The last column's total is written whole. */
    public Spoken last(int place, int total) {
        String say = total < 10 ? "Write " + total + " in " + words.column(place) + "."
                : "This is the last column: write " + total + " whole, its last digit in " + words.column(place) + ".";
        return new Spoken(words.title(place), Integer.toString(total), say, "It is the last column. What is written?");
    }
}
