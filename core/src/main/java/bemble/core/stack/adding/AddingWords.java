package bemble.core.stack.adding;

import bemble.core.hand.Said;
import bemble.core.stack.Digit;
import bemble.core.stack.PointGoes;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is said while numbers are added column by column, from what was decided. */
public final class AddingWords {
    private AddingWords() {}

    /** A column is totalled. */
    public static Spoken total(Said said) {
        Words words = said.words();
        Total column = said.asked(Total.class);
        int total = said.decided(Total.class);
        int place = column.place();
        // A carry that was left out is not said: the sentence tells what this hand adds.
        boolean adds = column.carryIn() > 0 && total != column.withoutCarry().careful();
        int carryIn = adds ? column.carryIn() : 0;
        String addends = words.addends(column.shown(), place);
        String ask = addends;
        String say;
        if (carryIn == 0) {
            say = column.shown().isEmpty() ? "nothing here"
                    : column.shown().size() < 2 && total == column.withoutCarry().careful()
                            ? "only " + addends + ", nothing to add"
                            : addends + are(column, total) + words.count(total, place);
        } else {
            String carried = words.count(carryIn, place) + " " + words.cameIn();
            ask = column.shown().isEmpty() ? carried
                    : said.style().carryFirst() ? carried + (column.shown().size() < 2 ? " and " : ", ") + addends
                            : addends + ", and " + carried;
            say = column.shown().isEmpty() ? carried + ", nothing to add"
                    : ask + are(column, total) + words.count(total, place);
        }
        List<Integer> terms = words.inOrder(column.digits(), carryIn);
        if (said.style().saysRunningTotals()) {
            say = running(said, column, terms, carryIn).orElse(say);
        }
        return new Spoken(words.title(place), sum(terms, total), words.title(place) + ": " + say + ".",
                words.title(place) + ": " + (column.carryIn() > 0 && carryIn == 0 ? addends + ", and "
                        + words.count(column.carryIn(), place) + " " + words.cameIn() : ask)
                        + ". How many " + words.places(place) + " altogether?");
    }

    /** The total as it grows, term by term, the carry as a term of its own; nothing where it does not come to what was decided. */
    private static Optional<String> running(Said said, Total column, List<Integer> terms, int carryIn) {
        Words words = said.words();
        int carryAt = carryIn == 0 ? -1 : words.carryAt(column.digits(), carryIn);
        StringBuilder say = new StringBuilder();
        int total = 0;
        int spoken = 0;
        for (int i = 0; i < terms.size(); i++) {
            total += terms.get(i);
            if (terms.get(i) > 0 || i == carryAt) {
                String carried = carryIn + " " + words.cameIn();
                say.append(spoken == 0 ? i == carryAt ? carried : String.valueOf(total)
                        : i == carryAt ? ", and " + carried + ": " + total : " … " + total);
                spoken++;
            }
        }
        return spoken < 2 || total != said.decided(Total.class) ? Optional.empty()
                : Optional.of(say.substring(0, say.length() - String.valueOf(total).length())
                        + words.count(total, column.place()));
    }

    private static String are(Total column, int total) {
        return column.shown().size() + (column.carryIn() > 0 ? 1 : 0) == 1 && total != 0 ? " is " : " are ";
    }

    /** Before a column: whether a ten can be made in it. */
    static Spoken makesTen(Said said) {
        Words words = said.words();
        MakesTen asked = said.asked(MakesTen.class);
        List<String> terms = words.inOrder(asked.digits(), asked.carryIn()).stream().map(String::valueOf).toList();
        boolean ten = said.decided(MakesTen.class);
        String made = words.one(asked.place() + 1);
        String there =
                words.title(asked.place()) + ": " + String.join(", ", terms.subList(0, terms.size() - 1)) + " and "
                        + terms.get(terms.size() - 1);
        return new Spoken(words.title(asked.place()),
                Fact.of(String.join(", ", terms), ": ", ten ? "ten or more" : "under ten"),
                there + (ten ? " are ten or more: a new " + made + " can be made."
                        : " stay under ten: no new " + made + "."),
                there + ". Can a new " + made + " be made?");
    }

    /** The point of the answer, before any digit. */
    public static Spoken point(Said said) {
        return Spoken.of("Point", "First the " + sign(said) + ": " + pointGoes(said) + ".",
                "Where does the " + sign(said) + " of the answer go?");
    }

    private static String sign(Said said) {
        return said.style().point().punctuation().word();
    }

    /** What is done with the point of the answer. */
    private static String pointGoes(Said said) {
        int place = said.decided(PointGoes.class);
        return place == 0 ? "set it under the " + sign(said) + "s" : place == PointGoes.NOWHERE ? "none is set"
                : "set it behind the " + said.words().places(place);
    }

    /** The point where it is reached, said before the digit in front of it; nothing elsewhere. */
    public static String atPoint(Said said) {
        return said.has(PointGoes.class) ? "Here comes the " + sign(said) + ": " + pointGoes(said) + ". " : "";
    }

    /** Terms and their sum, as a fact that can be found. */
    static Fact sum(List<Integer> terms, int total) {
        String asked = terms.isEmpty() ? "nothing" : String.join(" + ", terms.stream().map(String::valueOf).toList());
        return Fact.of(asked, Integer.toString(total), '+', terms);
    }

    /** The digit of a column that is not the last is written. */
    public static Spoken digit(Said said) {
        Digit column = said.asked(Digit.class);
        return digit(said, column.place(), column.total());
    }

    /** The same for a digit that stands in another column than it is worth. */
    public static Spoken digit(Said said, int place, int total) {
        Words words = said.words();
        int digit = said.decided(Digit.class);
        int carry = said.has(Carry.class) ? said.decided(Carry.class) : 0;
        String write = "Write " + digit + " in " + words.column(place) + ".";
        boolean plain = carry * 10 + digit == total;
        String say = carry == 0 || !plain || said.style().writesCarryBeforeDigit() ? write
                : words.count(total, place) + " are " + words.count(carry, place + 1) + " and "
                        + words.count(digit, place) + ": " + lower(write);
        return new Spoken(words.title(place), Fact.of(Integer.toString(total), " → ", Integer.toString(digit)),
                atPoint(said) + say,
                "What goes in " + words.column(place) + "?");
    }

    /** The carry is written into the next column. */
    static Spoken carry(Said said) {
        Words words = said.words();
        Carry column = said.asked(Carry.class);
        int place = column.place();
        int carry = said.decided(Carry.class);
        String what = words.count(carry, place + 1);
        String where = place(said.style(), words, column.next(), carry);
        return new Spoken(words.title(place), Fact.of(words.carry() + " ", "", what),
                Words.capital(words.carry()) + " " + what + ": " + where + ".", "What is " + words.carried() + "?");
    }

    private static String place(HouseStyle style, Words words, int place, int carry) {
        String column = words.column(place);
        return switch (style.carryPlace()) {
            case ABOVE_NEXT -> "a small " + carry + " above " + column;
            case FOOT_OF_NEXT -> "a small " + carry + " at the foot of " + column;
            case ON_THE_RULE -> "a small " + carry + " on the rule in " + column;
            case UNDER_ANSWER -> "a small " + carry + " under the answer in " + column;
            case BEFORE_NEXT_DIGIT -> "a small " + carry + " where the answer in " + column + " will stand";
        };
    }

    /** The last column's total is written, whole by a careful hand. */
    public static Spoken last(Said said) {
        Digit column = said.asked(Digit.class);
        return last(said, column.place(), "This is the last column: write ");
    }

    /** The last total of a column or row; says just what was written. */
    public static Spoken last(Said said, int place, String whole) {
        Words words = said.words();
        int inFront = said.decided(InFront.class);
        int digit = said.decided(Digit.class);
        String written = inFront == 0 ? Integer.toString(digit) : inFront + "" + digit;
        int total = said.asked(Digit.class).total();
        boolean wholly = inFront > 0 && written.equals(Integer.toString(total));
        String say = wholly ? whole + total + " whole, its last digit in " + words.column(place) + "."
                : inFront == 0 ? "Write " + digit + " in " + words.column(place) + "."
                        : "Write " + digit + " in " + words.column(place) + " and " + inFront + " in front of it.";
        return new Spoken(words.title(place), Fact.of(Integer.toString(total)), atPoint(said) + say,
                "It is the last column. What is written?");
    }

    private static String lower(String sentence) {
        return sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }
}
