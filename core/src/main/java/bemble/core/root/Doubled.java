package bemble.core.root;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * Twice the root so far.
 *
 * @param last the last digit of the root
 * @param side where it is written, or null at the first stage
 * @param lowest the place of its last digit there
 * @param divisorBefore the divisor of the stage before, to which a running column adds its digit; else null
 */
record Doubled(int place, BigInteger root, int last, @Nullable Block side, @Nullable Line line, int lowest,
        @Nullable BigInteger divisorBefore,
        int digitBefore) implements FactQuestion<BigInteger> {
    @Override
    public BigInteger careful() {
        return divisorBefore == null ? root.shiftLeft(1) : divisorBefore.add(BigInteger.valueOf(digitBefore));
    }

    @Override
    public boolean isWorked() {
        return root.signum() > 0;
    }

    @Override
    public @Nullable BigInteger missed(BigInteger decided, int by) {
        return FactQuestion.beside(decided, BigInteger.ONE, by);
    }

    @Override
    public void ink(BigInteger doubled, Ink ink) {
        if (side != null && line != null && (doubled.signum() > 0 || divisorBefore != null)) {
            ink.digits(side, line, Numeral.of(doubled), lowest, Role.WRITTEN);
        }
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return side == null || line == null ? null : PaperNumbers.whole(paper, side, line, lowest);
    }
}
