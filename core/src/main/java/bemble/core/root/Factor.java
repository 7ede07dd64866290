package bemble.core.root;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** The same digit once more: as the factor that the divisor is multiplied by, or as what is added to it. */
record Factor(Spot at, int place, int digit) implements Question<Integer> {
    @Override
    public Integer careful() {
        return digit;
    }

    @Override
    public void ink(Integer factor, Ink ink) {
        ink.digit(at, factor, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
