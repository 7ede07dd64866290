package bemble.core.subtraction.counting;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.problem.Numeral;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;

/** The difference of two numbers that are the same. */
record NoJump(Block block, int decimals, char point) implements Question<Numeral> {
    @Override
    public Numeral careful() {
        return Numeral.ZERO.padded(decimals);
    }

    @Override
    public void ink(Numeral nothing, Ink ink) {
        ink.digits(block, Line.ANSWER, nothing, nothing.lowest(), Role.WRITTEN);
        if (decimals > 0) {
            ink.point(block, Line.ANSWER, point, Role.WRITTEN);
        }
    }
}
