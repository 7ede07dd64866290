package bemble.core.multiplication.box;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.problem.Numeral;
import java.math.BigInteger;
import java.util.List;

/**
 * The parts that a number is taken apart into, written along an edge of the box.
 *
 * @param across whether they stand along the upper edge; otherwise down the side
 */
public record Parts(AreaBox box, Numeral number, boolean across) implements Question<List<BigInteger>> {
    @Override
    public List<BigInteger> careful() {
        return Expanded.of(number);
    }

    @Override
    public void ink(List<BigInteger> parts, Ink ink) {
        for (int i = 0; i < parts.size(); i++) {
            box.edge(across, i, parts.get(i), ink);
        }
    }
}
