package bemble.core.multiplication.crosswise;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.stack.Digit;
import bemble.core.stack.LineUp;
import bemble.core.stack.adding.Total;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is said during a multiplication crosswise, from what was decided. */
final class CrossWords {
    /** More products than this are not read out one by one. */
    private static final int READ_OUT = 4;

    private CrossWords() {}

    static Spoken setOut(Said said) {
        List<Numeral> numbers = said.asked(LineUp.class).numbers();
        return Spoken.of("Set out", "Set out " + said.style().number(numbers.get(0)) + " over "
                + said.style().number(numbers.get(1))
                + ", both with as many digits. Each answer digit gathers all the products that land in its place.", "");
    }

    /** How the lines of a column lie: each product's line crosses its mirror's, and the one in the middle is its own. */
    private static String pattern(int place, int products) {
        // The columns after the fullest one have fewer and fewer lines again.
        return lines(products) + (place == products + 1 ? ". From here on it goes back as it came" : "");
    }

    private static String lines(int products) {
        String crosses = switch (products / 2) {
            case 0 -> "";
            case 1 -> "one cross";
            default -> products / 2 + " crosses";
        };
        return products % 2 == 0 ? crosses
                : crosses.isEmpty() ? "straight down" : crosses + " and one line straight down";
    }

    /**
     * Product by product, their total, then the carry; without the last total.
     *
     * @param carried the column with its carry; null where none is added
     */
    private static String oneByOne(Words words, CrossSum sum, @Nullable Total carried) {
        List<String> products = new ArrayList<>();
        for (int i = 0; i < sum.pairs().size(); i++) {
            products.add(
                    sum.pairs().get(i).get(0) + " × " + sum.pairs().get(i).get(1) + " is " + sum.products().get(i));
        }
        return Words.list(products) + ", together "
                + (carried == null ? "" : sum.careful() + ". And " + carried.carryIn() + " " + words.cameIn() + ": ");
    }

    /** All products that land in a place are added. */
    static Spoken column(Said said) {
        Words words = said.words();
        CrossSum sum = said.asked(CrossSum.class);
        Total column = said.asked(Total.class);
        int total = said.decided(Total.class);
        int place = sum.place();
        boolean adds = column.carryIn() > 0 && total != column.withoutCarry().careful();
        String products =
                String.join(" + ", sum.pairs().stream().map(pair -> pair.get(0) + " × " + pair.get(1)).toList());
        String read =
                sum.pairs().size() > READ_OUT ? "the " + sum.pairs().size() + " products along the lines" : products;
        String title = words.title(place);
        boolean nothing = total == 0 && !said.written(Digit.class);
        String say = nothing ? title + ": only products of 0 land here, and nothing is written in front."
                : title + ": " + pattern(place, sum.pairs().size()) + ". " + Words.capital(read)
                        + (adds ? ", and " + column.carryIn() + " " + words.cameIn() + "," : "")
                        + (sum.pairs().size() == 1 && !adds ? " is " : " make ") + words.count(total, place) + ".";
        boolean oneByOne = said.style().saysRunningTotals() && sum.pairs().size() > 1 && !nothing
                && total == sum.careful() + (adds ? column.carryIn() : 0);
        if (oneByOne) {
            say = title + ": " + pattern(place, sum.pairs().size()) + ". " + oneByOne(words, sum, adds ? column : null)
                    + words.count(total, place) + ".";
        }
        List<Integer> only = sum.pairs().size() == 1 && !adds ? sum.pairs().get(0) : List.of();
        String asked = products + (adds ? " + " + column.carryIn() : "");
        return new Spoken(title, only.isEmpty() ? Fact.of(asked, " = ", Integer.toString(total))
                : Fact.of(asked, Integer.toString(total), '×', only), say,
                title + ": " + read
                        + (column.carryIn() > 0 ? ", and " + column.carryIn() + " " + words.cameIn() : "")
                        + ". How many altogether?");
    }
}
