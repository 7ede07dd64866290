package bemble.core.root;

import bemble.core.hand.Question;
import java.math.BigInteger;

/** Whether a root that is cut off is rounded up: one more digit is looked at. */
record Rounding(BigInteger current, BigInteger doubled) implements Question<Boolean> {
    private static final int HALF = 5;

    @Override
    public Boolean careful() {
        return RootDigit.largest(current, doubled) >= HALF;
    }
}
