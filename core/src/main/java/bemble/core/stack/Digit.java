package bemble.core.stack;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * The digit written under a column.
 *
 * @param total what the column comes to
 * @param last whether it is the last column, whose total is written whole
 * @param leadingZero whether it would be a 0 in front of the number
 * @param ofProduct whether it is a row of products, not a sum
 */
public record Digit(Spot at, int total, boolean last, boolean leadingZero,
        boolean ofProduct) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return total % 10;
    }

    @Override
    public boolean belongs(Integer digit) {
        return !(leadingZero && digit == 0);
    }

    @Override
    public void ink(Integer digit, Ink ink) {
        ink.digit(at, digit, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
