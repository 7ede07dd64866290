package bemble.core.multiplication.rows;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.style.option.Placeholder;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * How many empty places end the row of a digit.
 *
 * @param place the place of that digit
 * @param digit the digit of the lower number
 * @param top the upper number
 * @param kind what is written into them
 * @param rowsBefore how many rows have been written before
 */
public record Placeholders(Block block, Line line, int place, int digit, Numeral top, Placeholder kind,
        int rowsBefore)
        implements Question<Integer> {
    @Override
    public Integer careful() {
        return place;
    }

    @Override
    public void ink(Integer count, Ink ink) {
        for (int i = count - 1; i >= 0; i--) {
            if (kind == Placeholder.ZERO) {
                ink.digit(block.at(line, i), 0, Role.WRITTEN);
            } else if (kind == Placeholder.CROSS) {
                ink.put(new Figure(MarkKind.SIGN, block.at(line, i), null, "×", Role.FRAME, Size.FULL, Anchor.MIDDLE,
                        false));
            }
        }
    }

    /**
     * How many zeros end the line, or how many places are empty there. Null where they may be the row's own: that so
     * many zeros end it tells nothing then.
     */
    @Override
    public @Nullable Integer read(Reading paper) {
        int count = 0;
        while (count < place + 2 && isEmpty(paper.at(block.at(line, count), Anchor.MIDDLE))) {
            count++;
        }
        boolean own = kind == Placeholder.ZERO && count > 0 && (count >= place || count == zerosOfTheRow());
        // One empty place more may be a placeholder too many, or a digit that is not there: the row's own digits tell.
        return own || count > place || paper.at(block.at(line, count), Anchor.MIDDLE) == null ? null : count;
    }

    private boolean isEmpty(@Nullable String there) {
        return kind == Placeholder.ZERO ? "0".equals(there) : !Reading.isDigits(there, Integer.MAX_VALUE);
    }

    private int zerosOfTheRow() {
        String row = top.wholeValue().multiply(BigInteger.valueOf(digit)).toString();
        return row.length() - row.replaceAll("0+$", "").length();
    }
}
