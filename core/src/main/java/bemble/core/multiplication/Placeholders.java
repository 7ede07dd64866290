package bemble.core.multiplication;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.style.Placeholder;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;

/**
 * How many empty places end the row of a digit.
 *
 * @param place the place of that digit
 * @param digit the digit of the lower number
 * @param kind what is written into them
 * @param rowsBefore how many rows have been written before
 */
record Placeholders(Block block, String line, int place, int digit, Placeholder kind, int rowsBefore)
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
                ink.put(new Figure(MarkKind.SIGN, block.at(line, i), null, "×", Role.FRAME, Size.FULL, Anchor.MIDDLE, false));
            }
        }
    }

    /** How many zeros end the line; where the places stay empty, how far from the ones the row begins. */
    @Override
    public Integer read(Reading paper) {
        boolean any = false;
        int count = 0;
        for (int i = 0; i < place + 3; i++) {
            String there = paper.at(block.at(line, i), Anchor.MIDDLE);
            any |= there != null;
            boolean empty = there == null || !there.matches("[1-9][0-9]*");
            if (!empty || kind == Placeholder.ZERO && !"0".equals(there)) {
                break;
            }
            count++;
        }
        return any ? Math.min(count, Math.max(place, 0)) : null;
    }
}
