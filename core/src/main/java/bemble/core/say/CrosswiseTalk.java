package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.util.List;

/** What is said during a crosswise multiplication. */
public final class CrosswiseTalk {
    /** More products than this are not read out one by one. */
    private static final int READ_OUT = 4;

    private final HouseStyle style;
    private final Words words;
    private final AdditionTalk addition;
    private final MultiplicationTalk multiplication;

    public CrosswiseTalk(HouseStyle style) {
        this.style = style;
        this.words = new Words(style);
        this.addition = new AdditionTalk(style);
        this.multiplication = new MultiplicationTalk(style);
    }

    public Spoken setOut(Numeral a, Numeral b) {
        return new Spoken("Set out", "", "Set out " + style.number(a) + " over " + style.number(b)
                + ", both with as many digits. Each answer digit gathers all the products that land in its place.", "");
    }

    /** All products that land in a place are added. */
    public Spoken column(int place, List<List<Integer>> pairs, int carryIn, int total, boolean nothing) {
        String products = String.join(" + ", pairs.stream().map(pair -> pair.get(0) + " × " + pair.get(1)).toList());
        String fact = products + (carryIn > 0 ? " + " + carryIn : "");
        String read = pairs.size() > READ_OUT ? "the " + pairs.size() + " products along the lines" : products;
        String title = words.title(place);
        String say = nothing ? title + ": only products of 0 land here, and nothing is written in front."
                : title + ": " + read + (carryIn > 0 ? ", and " + carryIn + " " + words.carried() + "," : "")
                        + (pairs.size() == 1 && carryIn == 0 ? " is " : " make ") + words.count(total, place) + ".";
        return new Spoken(title, fact + " = " + total, say, title + ": " + read
                + (carryIn > 0 ? ", and " + carryIn + " " + words.carried() : "") + ". How many altogether?");
    }

    public Spoken digit(int place, int total, int digit, int carry, boolean last) {
        return last ? addition.last(place, total) : addition.digit(place, total, digit, carry);
    }

    public Spoken carry(int place, int carry) {
        return multiplication.carry(place, carry);
    }
}
