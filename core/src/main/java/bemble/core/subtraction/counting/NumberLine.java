package bemble.core.subtraction.counting;

import bemble.core.hand.Desk;
import bemble.core.hand.Ink;
import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;

/**
 * A number line with a tick for every stop, in slots wide enough for its labels.
 *
 * @param slot how many squares wide a jump is drawn
 */
record NumberLine(Block line, int slot, HouseStyle style) {
    static final Line SIZES = Line.of(Line.Kind.SIZES);
    static final Line ARCS = Line.of(Line.Kind.ARCS);
    static final Line TICKS = Line.of(Line.Kind.TICKS);
    private static final double SQUARES_PER_LETTER = 0.3;
    private static final double GAP = 0.4;

    static NumberLine of(Block line, Numeral longest, HouseStyle style) {
        // An even number of squares: the size of a jump stands in the middle of it.
        return new NumberLine(line,
                2 * (int) Math.ceil((style.number(longest).length() * SQUARES_PER_LETTER + GAP) / 2), style);
    }

    /** Draws the line for so many jumps. */
    void draw(int jumps, Desk desk) {
        desk.rule(line, TICKS, 0, -Math.max(1, jumps) * slot - 1);
    }

    void arc(int number, Desk desk) {
        desk.draw(MarkKind.ARC, line.at(ARCS, -(number - 1) * slot), line.at(ARCS, -number * slot), "", Role.FRAME,
                Size.FULL, Anchor.LOW);
    }

    void label(int tick, Numeral number, Role role, Ink ink) {
        Spot spot = line.at(TICKS, -tick * slot);
        ink.number(spot, spot, style.number(number), role, Size.SMALL);
    }

    Spot labelSpot(int tick) {
        return line.at(TICKS, -tick * slot);
    }

    void size(int number, Numeral size, Ink ink) {
        Spot middle = sizeSpot(number);
        ink.number(middle, middle, "+" + style.number(size), Role.WRITTEN, Size.SMALL);
    }

    Spot sizeSpot(int number) {
        return line.at(SIZES, -(number - 1) * slot - slot / 2);
    }
}
