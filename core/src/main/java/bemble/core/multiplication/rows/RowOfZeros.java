package bemble.core.multiplication.rows;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import org.jspecify.annotations.Nullable;

/** A row that is 0, written as so many zeros, or left out. */
record RowOfZeros(Block block, Line line, int zeros, boolean wanted) implements Question<Integer> {
    @Override
    public Integer careful() {
        return zeros;
    }

    @Override
    public boolean belongs(Integer count) {
        return wanted;
    }

    @Override
    public void ink(Integer count, Ink ink) {
        for (int place = count - 1; place >= 0; place--) {
            ink.digit(block.at(line, place), 0, Role.WRITTEN);
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        Numeral read = PaperNumbers.read(paper, block, line, 0);
        return read == null ? null : zeros;
    }
}
