package bemble.core.words;

import bemble.core.style.HouseStyle;
import bemble.core.style.option.ColumnOrder;
import bemble.core.style.word.CarryWord;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A teacher's words for places, counts and carries, in the house style: {@code 12 ones}, or {@code 12 units} where they are
 * called so.
 */
public final class Words {
    private static final int TEN = 10;
    private final HouseStyle style;

    public Words(HouseStyle style) {
        this.style = style;
    }

    /** How many of a place: {@code 1 ten}, {@code 12 ones}. */
    public String count(int number, int place) {
        return number + " " + (number == 1 ? PlaceNames.one(place, style.onesWord()) : places(place));
    }

    /** {@code tens}. */
    public String places(int place) {
        return PlaceNames.many(place, style.onesWord());
    }

    /** {@code Tens}, to begin a sentence. */
    public String title(int place) {
        return capital(places(place));
    }

    /** {@code the tens column}. */
    public String column(int place) {
        return "the " + places(place).replace(' ', '-') + " column";
    }

    /** {@code ten}. */
    public String one(int place) {
        return PlaceNames.one(place, style.onesWord());
    }

    /** {@code exchange}, or the word the teacher uses for it. */
    public String exchange() {
        return style.exchangeWord().label();
    }

    /** {@code take away}, or the word the teacher uses for it. */
    public String takeAway() {
        return style.takeAwayWord().label();
    }

    /** The same with a capital letter, to begin a sentence. */
    public static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** {@code carry}, or the word the teacher uses for it. */
    public String carry() {
        return style.carryWord() == CarryWord.CARRY ? "carry" : "regroup";
    }

    /** {@code carried}. */
    public String carried() {
        return style.carryWord() == CarryWord.CARRY ? "carried" : "regrouped";
    }

    /** What is said of a carry where it is added: {@code carried}, or {@code from before}. */
    public String cameIn() {
        return style.carryWord() == CarryWord.CARRY ? "carried" : "from before";
    }

    /** Several digits of one place: {@code 8 ones and 7 ones}, {@code 6, 7 and 8 ones}. */
    public String countEach(List<Integer> numbers, int place) {
        if (numbers.size() <= 2) {
            return list(numbers.stream().map(number -> count(number, place)).toList());
        }
        return list(numbers.stream().map(String::valueOf).toList()) + " " + places(place);
    }

    /** What a column's digits count, in the order in which they are added. */
    public String addends(List<Integer> digits, int place) {
        return countEach(style.columnOrder().of(digits), place);
    }

    /** {@code a, b and c}. */
    public static String list(List<String> items) {
        if (items.size() < 2) {
            return String.join("", items);
        }
        return String.join(", ", items.subList(0, items.size() - 1)) + " and " + items.get(items.size() - 1);
    }

    /** The terms of a column with its carry, 0 left out, in the order in which this teacher adds. */
    public List<Integer> inOrder(List<Integer> digits, int carryIn) {
        List<Integer> terms = new ArrayList<>(style.columnOrder().of(digits));
        if (carryIn > 0) {
            int toTen = terms.indexOf(TEN - carryIn);
            if (makesTenWithTheCarry(terms, carryIn)) {
                terms.add(0, terms.remove(toTen));
            }
            terms.add(carryAt(digits, carryIn), carryIn);
        }
        return terms;
    }

    /** Which of the terms of a column its carry is. */
    public int carryAt(List<Integer> digits, int carryIn) {
        return style.carryFirst() ? 0
                : makesTenWithTheCarry(style.columnOrder().of(digits), carryIn) ? 1 : digits.size();
    }

    /** Who looks for tens takes the carry in, where no two digits make one. */
    private boolean makesTenWithTheCarry(List<Integer> terms, int carryIn) {
        boolean tenAlready = terms.size() > 1 && terms.get(0) + terms.get(1) == TEN;
        return style.columnOrder() == ColumnOrder.TEN_FIRST && !tenAlready
                && terms.contains(TEN - carryIn);
    }

    /** A mark as a screen reader says it: a struck figure is heard as struck, a small one with what it is there for. */
    public String heard(Mark mark) {
        if (mark.role() == Role.MISSING) {
            return "";
        }
        if (mark.kind() == MarkKind.STRIKE) {
            return mark.text() + " struck";
        }
        return switch (mark.role()) {
            case CARRY -> carried() + " " + mark.text();
            case EXCHANGE -> mark.text() + " by " + exchange();
            case JOT -> mark.text().isEmpty() ? "" : "jotted " + mark.text();
            default -> mark.text();
        };
    }
}
