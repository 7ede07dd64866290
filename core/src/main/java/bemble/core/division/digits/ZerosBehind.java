package bemble.core.division.digits;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * How many zeros are written behind a digit of the quotient that stand for no place.
 *
 * @param first whether the digit is the quotient's first
 * @param last whether it is the last
 * @param zerosInside how many zeros the quotient has had between its first digit and this one
 */
public record ZerosBehind(Spot at, boolean first, boolean last, int zerosInside) implements Question<Integer> {
    private static final int MOST = 4;

    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return 0;
    }

    @Override
    public boolean belongs(Integer zeros) {
        return zeros > 0;
    }

    @Override
    public void ink(Integer zeros, Ink ink) {
        if (zeros > 0 && !last) {
            ink.small(at, "0".repeat(zeros), Role.WRITTEN, Anchor.AFTER);
        }
        for (int i = 1; last && i <= zeros; i++) {
            ink.digit(behind(i), 0, Role.WRITTEN);
        }
    }

    private Spot behind(int squares) {
        return at.block().at(at.line(), at.place() - squares);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        if (!last) {
            String there = paper.at(at, Anchor.AFTER);
            return there != null && there.matches("0+") ? there.length() : null;
        }
        int zeros = 0;
        while (zeros < MOST && "0".equals(paper.at(behind(zeros + 1), Anchor.MIDDLE))) {
            zeros++;
        }
        return zeros == 0 ? null : zeros;
    }
}
