package bemble.core.root;

import bemble.core.hand.Question;
import bemble.core.problem.Numeral;

/** Where the pairs are marked off: from the point outwards, or so many places off. */
record MarkedOff(Numeral radicand) implements Question<Integer> {
    @Override
    public Integer careful() {
        return 0;
    }
}
