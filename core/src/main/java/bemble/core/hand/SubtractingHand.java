package bemble.core.hand;

import java.util.ArrayList;
import java.util.List;

/** The decisions of a subtraction; those given here are the careful ones. */
public interface SubtractingHand {
    /**
     * Whether ten more are needed before {@code bottom} can be taken from {@code top}.
     *
     * @param untouched whether the top digit still stands as it was given
     */
    default boolean needsTen(int top, int bottom, boolean untouched) {
        return top < bottom;
    }

    /**
     * What a column leaves.
     *
     * @param untouched whether the top digit still stands as it was given
     */
    default int difference(int top, int bottom, boolean untouched) {
        return top - bottom;
    }

    /**
     * The exchanges that bring ten to a column, in the order in which they are made: from the nearest place on the
     * left that is not 0, and back one place at a time.
     *
     * @throws Stuck where nothing is left to exchange
     */
    default List<Exchange> exchanges(TopFigures tops, int place) {
        int from = place + 1;
        while (tops.at(from) == 0) {
            from++;
            if (from > tops.highest()) {
                throw new Stuck("nothing is left to exchange");
            }
        }
        List<Exchange> exchanges = new ArrayList<>();
        for (; from > place; from--) {
            int fromBefore = exchanges.isEmpty() ? tops.at(from) : 10;
            exchanges.add(new Exchange(from, from - 1, fromBefore, fromBefore - 1, tops.at(from - 1),
                    tops.at(from - 1) + 10));
        }
        return exchanges;
    }

    /** What is paid back in the next column for ten added on top. */
    default int payBack() {
        return 1;
    }
}
