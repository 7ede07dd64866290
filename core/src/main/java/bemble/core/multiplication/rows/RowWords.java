package bemble.core.multiplication.rows;

import bemble.core.hand.Said;
import bemble.core.hand.Talk;
import bemble.core.multiplication.product.Product;
import bemble.core.problem.Numeral;
import bemble.core.stack.Digit;
import bemble.core.stack.adding.AddingWords;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.Placeholder;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What is said during a long multiplication, from what was decided. */
public final class RowWords {
    private RowWords() {}

    /**
     * A row that is not of the ones begins.
     *
     * @param strikes whether the carries of the row before are struck first
     * @param without the places of the zeros before it that got no row
     */
    static Spoken placeholders(Said said, boolean strikes, List<Integer> without) {
        Words words = said.words();
        Placeholders row = said.asked(Placeholders.class);
        int count = said.decided(Placeholders.class);
        String by = row.digit() + "0".repeat(row.place());
        String what = row.kind() == Placeholder.ZERO ? "0" : row.kind() == Placeholder.CROSS ? "a cross" : "nothing";
        String where = count == 1 ? words.column(0) : "the last " + count + " places";
        String shift = count == row.place()
                ? ": every digit " + (row.place() == 1 ? "one place" : row.place() + " places") + " to the left." : ".";
        String write = count == 0 ? "" : " Write " + what + " in " + where + ".";
        return new Spoken("Row of the " + words.places(row.place()), Fact.of("times " + by),
                (strikes ? "Strike the small figures of the row before. " : "") + noRow(words, without) + "Now times "
                        + words.count(row.digit(), row.place()) + ", that is times " + by + shift + write,
                "Now times " + by + ". What is written first?");
    }

    private static String noRow(Words words, List<Integer> without) {
        String zeros = without.stream().map(place -> "0 " + words.places(place)).collect(Collectors.joining(" and "));
        return without.isEmpty() ? "" : "The lower number has " + zeros + ": times 0 is 0, so no row. ";
    }

    /** A fact, with the carry that came in, as this hand adds it. */
    static Spoken product(Said said) {
        Words words = said.words();
        WithCarry column = said.asked(WithCarry.class);
        int product = said.decided(Product.class);
        int total = said.decided(WithCarry.class);
        int place = column.place();
        int factor = column.factor();
        int top = column.top();
        boolean first = column.carryIn() > 0 && total == factor * (top + column.carryIn()) && total != column.careful();
        boolean adds = column.carryIn() > 0 && !first && total != product;
        Fact fact;
        String say;
        if (first) {
            fact = Fact.of(factor + " × " + (top + column.carryIn()), Integer.toString(total), '×',
                    List.of(factor, top + column.carryIn()));
            say = top + " and the " + column.carryIn() + " " + words.cameIn() + " are " + (top + column.carryIn())
                    + ", "
                    + factor + " times " + (top + column.carryIn()) + " is " + total;
        } else {
            String asked = factor + " × " + top + (adds ? " + " + column.carryIn() : "");
            fact = Fact.of(asked, Integer.toString(total), '×', List.of(factor, top));
            say = factor + " times " + top + " is " + product
                    + (adds ? ", and " + column.carryIn() + " " + words.cameIn()
                            + " is " + total : total == product ? "" : ", and that makes " + total);
        }
        return new Spoken(words.title(place), fact,
                words.title(place) + ": " + say + ": " + words.count(total, place) + ".",
                words.title(place) + ": " + factor + " times " + top
                        + (column.carryIn() > 0 ? ", and " + column.carryIn() + " " + words.cameIn() : "") + "?");
    }

    static Talk digit(int worth) {
        return said -> AddingWords.digit(said, worth, said.asked(Digit.class).total());
    }

    /** The carry of a product is written. */
    public static Spoken carry(Said said) {
        return carry(said, null);
    }

    /** @param over the figure that it is written over, to be multiplied next; null where it is written elsewhere */
    static Spoken carry(Said said, @Nullable Integer over) {
        Words words = said.words();
        int place = said.asked(Carry.class).place();
        Carry carry = said.asked(Carry.class);
        int carried = said.decided(Carry.class);
        String count = words.count(carried, place + 1);
        return new Spoken(words.title(place), Fact.of(words.carry() + " ", "", count),
                Words.capital(words.carry()) + " " + count + ": "
                        + (carry.spots() == null ? "keep " + carried + " in mind"
                                : "a small " + carried + " "
                                        + (over != null ? "above the " + over + ", which comes next"
                                                : place(said.style().carryPlace(), carry.spots())
                                                        + words.column(carry.next())))
                        + ".",
                "What is " + words.carried() + "?");
    }

    private static String place(CarryPlace place, CarrySpots spots) {
        if (!RowCarrySpots.haveTheirLine(spots)) {
            return spots.line().equals(Line.UNDER) ? "under the answer in " : "in the row, before the next digit, in ";
        }
        return place == CarryPlace.ABOVE_NEXT ? "above " : place == CarryPlace.UNDER_ANSWER ? "under the row in "
                : RowCarrySpots.areBelow(place, spots) ? "below the rows, in " : "on the rule in ";
    }

    /** The row's last total is written whole. */
    static Talk last(int worth) {
        return said -> {
            Spoken spoken = AddingWords.last(said, worth, "This is the row's last product: write ");
            return new Spoken(spoken.title(), spoken.fact(), spoken.say(), "What is written?");
        };
    }

    /**
     * The same where more rows come: it is said what this one comes to, where it comes to that.
     *
     * @param row what the row reads once it is written
     */
    static Talk last(int worth, Numeral top, Numeral factor, Supplier<Numeral> row) {
        return said -> {
            Spoken spoken = last(worth).say(said);
            boolean rightly = top.wholeValue().multiply(factor.wholeValue()).equals(row.get().wholeValue());
            return rightly ? spoken.and(Spoken.of("", "So " + said.style().number(top) + " × "
                    + said.style().number(factor) + " is " + said.style().number(row.get()) + ".", "")) : spoken;
        };
    }

    /** A row that comes to nothing. */
    static Spoken zeroRow(Said said, int digit, Numeral top) {
        String number = said.style().number(top);
        return new Spoken("Row of 0", Fact.of(digit + " × " + number, " = ", "0"),
                digit + " times " + number + " is 0: the row is 0.", "What is " + digit + " times " + number + "?");
    }
}
