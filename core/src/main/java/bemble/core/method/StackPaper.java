package bemble.core.method;

import bemble.core.hand.Placed;
import bemble.core.say.PlaceNames;
import bemble.core.say.Words;
import bemble.core.style.Heads;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.Size;

/** Writes given numbers into the columns of a block, with heads and padding as the style has them. */
record StackPaper(Block block, Pen pen) {
    /** Makes room for the column heads where the style has them. */
    void headsLine() {
        if (pen.style().heads() != Heads.NONE) {
            block.line(Lines.HEADS);
        }
    }

    void heads(int highest, int lowest) {
        if (pen.style().heads() == Heads.NONE) {
            return;
        }
        for (int place = highest; place >= lowest; place--) {
            String head = pen.style().heads() == Heads.WORDS ? new Words(pen.style()).places(place)
                    : PlaceNames.letters(place, pen.style().onesWord());
            pen.mark(MarkKind.HEAD, block.at(Lines.HEADS, place), null, head, Role.FRAME, Size.TINY, Anchor.MIDDLE);
        }
    }

    /** Writes a given number; its empty places within the stack get a 0 where the style pads. */
    void number(String line, Placed number, Stack stack) {
        write(line, number, stack, pen.style().padsZeros());
    }

    /** Writes a minuend: the decimals it lacks get a 0 in every style, since something is taken away there. */
    void padded(String line, Placed number, Stack stack) {
        write(line, number, stack, pen.style().padsZeros() || number.lowest() > stack.lowest());
    }

    private void write(String line, Placed number, Stack stack, boolean pads) {
        for (int place = stack.highest(); place >= stack.lowest(); place--) {
            if (number.has(place)) {
                pen.digit(block.at(line, place), number.digit(place), number.shift() == 0 ? Role.GIVEN : Role.WRONG);
            } else if (pads) {
                pen.digit(block.at(line, place), 0, Role.PADDING);
            }
        }
        if (!number.number().isWhole() || pads && stack.lowest() < 0) {
            pen.point(block, line, number.number().isWhole() ? Role.PADDING : Role.GIVEN);
        }
    }
}
