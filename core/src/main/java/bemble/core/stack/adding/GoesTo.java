package bemble.core.stack.adding;

import bemble.core.hand.Question;

/** To which column a ten goes that a column has too many of: the next one. */
public record GoesTo(int place) implements Question<Integer> {
    @Override
    public Integer careful() {
        return place + 1;
    }
}
