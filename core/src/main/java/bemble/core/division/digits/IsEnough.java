package bemble.core.division.digits;

import bemble.core.hand.Question;
import java.math.BigInteger;

/**
 * Whether the divisor goes at all into what there is; asked aloud before the digit is sought, and nothing is written for it.
 *
 * @param first whether it is asked for the first digit of the quotient
 */
record IsEnough(int place, BigInteger partial, BigInteger divisor, boolean first) implements Question<Boolean> {
    @Override
    public Boolean careful() {
        return partial.compareTo(divisor) >= 0;
    }
}
