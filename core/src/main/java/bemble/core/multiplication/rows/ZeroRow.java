package bemble.core.multiplication.rows;

import bemble.core.hand.Question;

/**
 * Whether the row of a digit is 0 and needs no columns.
 *
 * @param topIsZero whether the upper number is 0
 */
public record ZeroRow(int place, int digit, boolean topIsZero) implements Question<Boolean> {
    @Override
    public Boolean careful() {
        return digit == 0 || topIsZero;
    }
}
