package bemble.core.division.chunks;

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

/** The chunk as it is noted at the side, to be added up in the end. */
public record ChunkNoted(Block block, Line line, BigInteger chunk) implements Question<BigInteger> {
    @Override
    public BigInteger careful() {
        return chunk;
    }

    @Override
    public void ink(BigInteger noted, Ink ink) {
        ink.digits(block, line, Numeral.of(noted), 0, Role.WRITTEN);
    }

    @Override
    public @Nullable BigInteger read(Reading paper) {
        return PaperNumbers.whole(paper, block, line, 0);
    }
}
