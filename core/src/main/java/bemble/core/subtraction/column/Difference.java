package bemble.core.subtraction.column;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * What a column leaves.
 *
 * @param top the figure above as it stands now
 * @param bottom the digit given below
 * @param payBack what goes away besides, for ten added in the column before
 * @param away all that goes away
 * @param untouched whether the top figure still stands as it was given
 * @param hasBottom whether a digit is given below
 * @param hasTop whether a digit is given above
 * @param usedUpBeyond whether the columns further to the left leave nothing, so that a 0 here is not written
 */
public record Difference(Spot at, int top, int bottom, int payBack, int away, boolean untouched, boolean hasBottom,
        boolean hasTop,
        boolean usedUpBeyond) implements FactQuestion<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public @Nullable Integer careful() {
        return top < away ? null : top - away;
    }

    @Override
    public boolean belongs(Integer digit) {
        return !(digit == 0 && at.place() > 0 && usedUpBeyond);
    }

    @Override
    public @Nullable Integer missed(Integer decided, int by) {
        return decided + by < 0 ? null : decided + by;
    }

    @Override
    public String fact() {
        return top + "-" + away;
    }

    @Override
    public boolean isWorked() {
        return hasBottom || payBack > 0;
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
