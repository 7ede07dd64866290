package bemble.core.division.digits;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * What is left over in the end, written where it is not 0.
 *
 * @param lowest the place of its last digit
 */
public record Remainder(Block block, Line line, int lowest, BigInteger left,
        BigInteger divisor) implements Question<BigInteger> {
    static final Line LINE = Line.of(Line.Kind.REMAINDER);

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
        ink.digits(block, line, Numeral.of(rest), lowest, Role.WRITTEN);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        BigInteger stands = PaperNumbers.whole(paper, block, line, lowest);
        // Behind a quotient its own digits end at the ones.
        return stands == null || lowest == 0 ? stands : stands.mod(BigInteger.TEN.pow(-lowest));
    }
}
