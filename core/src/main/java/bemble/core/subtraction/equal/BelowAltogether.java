package bemble.core.subtraction.equal;

import bemble.core.hand.Question;

/**
 * What goes away in a column in which one was added below.
 *
 * @param bottom the digit given below
 * @param payBack what was added to it
 */
public record BelowAltogether(int place, int bottom, int payBack) implements Question<Integer> {
    @Override
    public Integer careful() {
        return bottom + payBack;
    }
}
