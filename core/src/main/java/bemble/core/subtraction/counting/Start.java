package bemble.core.subtraction.counting;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.problem.Numeral;
import bemble.core.working.Role;

/** Where the jumps begin: at the subtrahend. */
record Start(NumberLine line, Numeral subtrahend) implements Question<Numeral> {
    @Override
    public Numeral careful() {
        return subtrahend;
    }

    @Override
    public void ink(Numeral start, Ink ink) {
        line.label(0, start, Role.GIVEN, ink);
    }
}
