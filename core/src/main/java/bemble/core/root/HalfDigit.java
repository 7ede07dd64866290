package bemble.core.root;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * A digit of the half of a number.
 *
 * @param number what is halved in this column, with what was left of the column before
 */
record HalfDigit(Spot at, int number) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return number / 2;
    }

    @Override
    public void ink(Integer half, Ink ink) {
        ink.digit(at, half, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
