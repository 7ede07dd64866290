package bemble.core.subtraction.exchange;

import bemble.core.hand.Question;

/**
 * To which place the ten goes that one place has given: the next, and so back one place at a time.
 *
 * @param from the place that gives
 * @param needing the column that needs ten
 */
public record Receiver(int from, int needing) implements Question<Integer> {
    @Override
    public int place() {
        return needing;
    }

    @Override
    public Integer careful() {
        return from - 1;
    }
}
