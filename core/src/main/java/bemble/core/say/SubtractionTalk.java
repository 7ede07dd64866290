package bemble.core.say;

import bemble.core.hand.Exchange;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.math.BigDecimal;

/** What is said while one number is taken from another by exchange. */
public final class SubtractionTalk {
    private final HouseStyle style;
    private final Words words;

    public SubtractionTalk(HouseStyle style) {
        this.style = style;
        this.words = new Words(style);
    }

    public Spoken setOut(Subtraction subtraction) {
        boolean points = !subtraction.minuend().isWhole() || !subtraction.subtrahend().isWhole();
        return new Spoken("Set out", "", "Set out " + style.number(subtraction.minuend()) + " " + words.takeAway() + " "
                + style.number(subtraction.subtrahend()) + ": " + words.places(0) + " under " + words.places(0)
                + (points ? ", point under point" : "") + ", the number that is taken away below.", "");
    }

    /**
     * One of a place is exchanged for ten of the next.
     *
     * @param place the column that needs ten
     * @param first whether it is the first exchange for that column
     */
    public Spoken exchange(int place, int top, int bottom, Exchange exchange, boolean first) {
        StringBuilder say = new StringBuilder();
        if (first) {
            say.append("Only ").append(words.count(top, place)).append(" here, and ")
                    .append(words.count(bottom, place)).append(bottom == 1 ? " goes away. " : " go away. ");
            if (exchange.to() > place) {
                say.append("There are no ").append(words.places(place + 1)).append(" to ").append(words.exchange())
                        .append(": go on to the ").append(words.places(exchange.from())).append(". ");
            }
        }
        say.append(Words.capital(words.exchange())).append(" 1 ").append(words.one(exchange.from())).append(" for 10 ")
                .append(words.places(exchange.to())).append(": ")
                .append(words.count(exchange.fromAfter(), exchange.from())).append(" and ")
                .append(words.count(exchange.toAfter(), exchange.to())).append(", still ")
                .append(value(exchange)).append('.');
        String ask = first
                ? words.title(place) + ": " + words.count(top, place) + ", and " + words.count(bottom, place)
                        + " to take away. What is to be done?"
                : "What does 1 " + words.one(exchange.from()) + " give?";
        return new Spoken(words.title(place), words.exchange() + " 1 " + words.one(exchange.from()) + " → "
                + exchange.fromBefore() + " to " + exchange.fromAfter(), say.toString(), ask);
    }

    /** What both places together are worth, which an exchange does not change. */
    private String value(Exchange exchange) {
        return worth(10 * exchange.fromAfter() + exchange.toAfter(), exchange.to());
    }

    /** The exchange in values: {@code 600 + 40 = 500 + 140}. */
    public String inValues(Exchange exchange) {
        return worth(exchange.fromBefore(), exchange.from()) + " + " + worth(exchange.toBefore(), exchange.to()) + " = "
                + worth(exchange.fromAfter(), exchange.from()) + " + " + worth(exchange.toAfter(), exchange.to());
    }

    private String worth(int count, int place) {
        BigDecimal value = BigDecimal.valueOf(count).scaleByPowerOfTen(place);
        return style.number(Numeral.of(value.setScale(Math.max(0, -place)).toPlainString()));
    }

    /** A column is subtracted. */
    public Spoken column(int place, int top, int bottom, int digit, boolean hasBottom, boolean nothingLeft) {
        String what = hasBottom
                ? words.count(top, place) + " " + words.takeAway() + " " + words.count(bottom, place) + " leaves "
                        + words.count(digit, place)
                : "nothing goes away from " + words.count(top, place);
        return new Spoken(words.title(place), top + " − " + bottom + " = " + digit,
                words.title(place) + ": " + what + ". " + written(place, digit, nothingLeft),
                words.title(place) + ": " + words.count(top, place) + " " + words.takeAway() + " "
                        + words.count(bottom, place) + ". What is left?");
    }

    /** What is written for a column. */
    String written(int place, int digit, boolean nothingLeft) {
        return nothingLeft ? "Nothing is left here or further on: no 0 is written in front."
                : "Write " + digit + " in " + words.column(place) + ".";
    }
}
