package bemble.core.subtraction.column;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.stack.adding.AddingWords;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What is said while one number is taken from another by exchange, from what was decided. */
public final class ExchangeWords {
    private ExchangeWords() {}

    /**
     * One of a place is exchanged for ten of the next.
     *
     * @param place the column that needs ten
     * @param first whether it is the first exchange for that column
     */
    public static Spoken exchange(Said said, int place, int top, int bottom, boolean first) {
        Words words = said.words();
        Lowered lowered = said.asked(Lowered.class);
        Raised raised = said.asked(Raised.class);
        Exchange exchange = new Exchange(lowered.place(), raised.place(), lowered.before(), said.decided(Lowered.class),
                raised.before(), said.decided(Raised.class));
        StringBuilder say = new StringBuilder();
        if (first) {
            say.append(notEnough(said, place, top, bottom));
            if (exchange.from() > place + 1) {
                String passed = IntStream.range(place + 1, exchange.from()).mapToObj(each -> "no " + words.places(each))
                        .collect(Collectors.joining(" and "));
                say.append("There are ").append(passed).append(" to ").append(words.exchange())
                        .append(": go on to the ").append(words.places(exchange.from())).append(". ");
            }
        }
        if (exchange.fromAfter() == exchange.fromBefore()) {
            say.append("Take 10 ").append(words.places(exchange.to())).append(": now there are ")
                    .append(words.count(exchange.toAfter(), exchange.to())).append(". The ")
                    .append(words.places(exchange.from())).append(" stay as they are.");
        } else {
            say.append(Words.capital(words.exchange())).append(" 1 ").append(words.one(exchange.from())).append(" ")
                    .append(said.style().exchangeWord().link()).append(" ")
                    .append(words.count(exchange.toAfter() - exchange.toBefore(), exchange.to())).append(": ")
                    .append(words.count(exchange.fromAfter(), exchange.from())).append(" and ")
                    .append(words.count(exchange.toAfter(), exchange.to()));
            say.append(isFair(exchange) ? ", still " + value(said.style(), exchange) + "." : ".");
        }
        say.append(said.written(Lowered.class) || said.written(Raised.class) ? written(exchange, raised) : "");
        String ask = first
                ? words.title(place) + ": " + words.count(top, place) + ", and " + words.count(bottom, place)
                        + " to take away. What is to be done?"
                : "What does 1 " + words.one(exchange.from()) + " give?";
        return new Spoken(words.title(place), Fact.of(words.exchange() + " 1 " + words.one(exchange.from()), " → ",
                exchange.fromBefore() + " to " + exchange.fromAfter()), say.toString(), ask);
    }

    /** Which figures are struck, and what stands above or before them then. */
    private static String written(Exchange exchange, Raised raised) {
        String lowered = exchange.fromAfter() == exchange.fromBefore() ? ""
                : " Strike the " + exchange.fromBefore() + ", write " + exchange.fromAfter() + " above it";
        String got = exchange.toAfter() == exchange.toBefore() ? "" : raised.replaces(exchange.toAfter())
                ? "strike the " + exchange.toBefore() + ", write " + exchange.toAfter() + " above it"
                : "a small 1 before the " + exchange.toBefore();
        return lowered.isEmpty() ? got.isEmpty() ? "" : " " + Words.capital(got) + "."
                : lowered + (got.isEmpty() ? "." : "; " + got + ".");
    }

    /** Before a column: whether there is enough on top, and what this hand makes of it. */
    public static Spoken enough(Said said) {
        Words words = said.words();
        NeedsTen asked = said.asked(NeedsTen.class);
        int place = asked.place();
        String there = words.title(place) + ": " + words.count(asked.top(), place) + ", " + toGo(words, asked.bottom());
        boolean rightly = said.decided(NeedsTen.class).equals(asked.careful());
        String verdict = !rightly ? said.decided(NeedsTen.class) ? "ten more are got" : "no ten is got"
                : asked.careful() ? "not enough" : "enough";
        return new Spoken(words.title(place), Fact.of(asked.top() + ", " + asked.bottom(), ": ", verdict),
                there + ": " + verdict + ".",
                there + ". Are there enough?");
    }

    private static String toGo(Words words, int bottom) {
        return bottom == 0 ? "nothing to take away" : words.takeAway() + " " + bottom;
    }

    /** Why ten are needed; nothing where that was said before the column. */
    public static String notEnough(Said said, int place, int top, int bottom) {
        Words words = said.words();
        return said.style().decidesAloud() ? "" : words.title(place) + ": " + words.count(top, place) + ", "
                + toGo(words, bottom) + (top < bottom ? ": not enough. " : ". ");
    }

    /** Whether what was got is worth what was given. */
    private static boolean isFair(Exchange exchange) {
        return exchange.to() == exchange.from() - 1 && exchange.fromBefore() - exchange.fromAfter() == 1
                && exchange.toAfter() - exchange.toBefore() == 10;
    }

    /** What both places together are worth, which an exchange does not change. */
    private static String value(HouseStyle style, Exchange exchange) {
        return worth(style, 10 * exchange.fromAfter() + exchange.toAfter(), exchange.to());
    }

    /** The exchange in values: {@code 600 + 40 = 500 + 140}. */
    public static String inValues(HouseStyle style, Exchange exchange) {
        String before = worth(style, exchange.fromBefore(), exchange.from()) + " + "
                + worth(style, exchange.toBefore(), exchange.to());
        String after = worth(style, exchange.fromAfter(), exchange.from()) + " + "
                + worth(style, exchange.toAfter(), exchange.to());
        return before + (isFair(exchange) ? " = " : " → ") + after;
    }

    private static String worth(HouseStyle style, int count, int place) {
        BigDecimal value = BigDecimal.valueOf(count).scaleByPowerOfTen(place);
        return style.number(Numeral.of(value.setScale(Math.max(0, -place)).toPlainString()));
    }

    /** A column is subtracted. */
    public static Spoken column(Said said) {
        Words words = said.words();
        Difference column = said.asked(Difference.class);
        int place = column.place();
        int digit = said.decided(Difference.class);
        // A column that was turned round is said as it was worked.
        boolean turned = column.top() < column.bottom() && digit == column.bottom() - column.top();
        int from = turned ? column.bottom() : column.top();
        int away = turned ? column.top() : column.bottom();
        String what = column.hasBottom() || said.style().padsZeros()
                ? words.count(from, place) + " " + words.takeAway() + " " + words.count(away, place) + " leaves "
                        + words.count(digit, place)
                : digit == from
                        ? "nothing to take away, so " + words.count(from, place) + (from == 1 ? " stays" : " stay")
                        : words.count(from, place) + " leaves " + words.count(digit, place);
        return new Spoken(words.title(place), difference(from, away, digit),
                words.title(place) + ": " + what + ". " + written(said, place, digit),
                words.title(place) + ": " + words.count(column.top(), place) + " " + words.takeAway() + " "
                        + words.count(column.bottom(), place) + ". What is left?");
    }

    /**
     * The 1 at the front and the figure beside it are taken as one number.
     *
     * @param beside that figure
     */
    static Spoken together(Said said, int place, int beside, int away) {
        Words words = said.words();
        return new Spoken(words.title(place), Fact.of("1 and " + beside, " → ", Integer.toString(10 + beside)),
                notEnough(said, place, beside, away) + "The 1 before it is the last there is: both together are "
                        + words.count(10 + beside, place) + ": enough.",
                words.title(place) + ": " + words.count(beside, place) + ", " + toGo(words, away)
                        + ". Are there enough, together with the 1 before it?");
    }

    public static Fact difference(int top, int bottom, int digit) {
        return Fact.of(top + " − " + bottom, Integer.toString(digit), '−', List.of(top, bottom));
    }

    /** What is written for a column. */
    public static String written(Said said, int place, int digit) {
        return AddingWords.atPoint(said)
                + (said.written(Difference.class) ? "Write " + digit + " in " + said.words().column(place) + "."
                        : "Nothing is left here or further on: no 0 is written in front.");
    }
}
