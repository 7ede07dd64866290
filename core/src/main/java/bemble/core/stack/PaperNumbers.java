package bemble.core.stack;

import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/** Reads whole numbers off a paper's lines. */
public final class PaperNumbers {
    private static final int MOST_DIGITS = 90;

    private PaperNumbers() {}

    /** The digits of such a number as a whole one, wherever the point may be; null where there is none. */
    public static @Nullable BigInteger whole(Reading paper, Block block, Line line, int lowest) {
        Numeral read = read(paper, block, line, lowest);
        return read == null ? null : read.wholeValue();
    }

    /** The number whose last digit stands in {@code lowest}; null where a square before its first digit is empty. */
    public static @Nullable Numeral read(Reading paper, Block block, Line line, int lowest) {
        StringBuilder digits = new StringBuilder();
        for (int place = lowest; digits.length() < MOST_DIGITS; place++) {
            String there = paper.at(block.at(line, place), Anchor.MIDDLE);
            if (!Reading.isDigits(there, Reading.MOST_DIGITS)) {
                break;
            }
            digits.insert(0, there);
        }
        return digits.length() == 0 ? null : Numeral.ofDigits(digits.toString(), Math.max(0, -lowest));
    }
}
