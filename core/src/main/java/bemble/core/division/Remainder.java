package bemble.core.division;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Role;
import java.math.BigInteger;

/** What is left over in the end, written beside the quotient where it is not 0. */
record Remainder(Block beside, BigInteger left) implements Question<BigInteger> {
    static final String LINE = "remainder";

    @Override
    public BigInteger careful() {
        return left;
    }

    @Override
    public boolean belongs(BigInteger rest) {
        return rest.signum() > 0;
    }

    @Override
    public void ink(BigInteger rest, Ink ink) {
        ink.digits(beside, LINE, Numeral.of(rest), 0, Role.WRITTEN);
    }

    @Override
    public BigInteger read(Reading paper) {
        return PaperNumbers.whole(paper, beside, LINE, 0);
    }
}
