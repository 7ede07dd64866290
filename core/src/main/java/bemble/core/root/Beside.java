package bemble.core.root;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * The digit that is set beside the doubled root.
 *
 * @param at its square there
 * @param digit the digit found
 * @param isFirst whether it is the first stage, with nothing doubled yet
 */
record Beside(Spot at, int place, int digit, boolean isFirst) implements Question<Integer> {
    @Override
    public Integer careful() {
        return digit;
    }

    @Override
    public void ink(Integer beside, Ink ink) {
        ink.digit(at, beside, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
