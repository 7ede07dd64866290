package bemble.core.division.chunks;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.working.Role;
import bemble.core.working.Spot;

/** The quotient where the divisor does not go in even once. */
record NoChunk(Spot at) implements Question<Integer> {
    @Override
    public Integer careful() {
        return 0;
    }

    @Override
    public void ink(Integer quotient, Ink ink) {
        ink.digit(at, quotient, Role.WRITTEN);
    }
}
