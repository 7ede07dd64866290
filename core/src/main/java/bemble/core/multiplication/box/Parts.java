package bemble.core.multiplication.box;

import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The parts that a number is taken apart into, written along an edge of the box: a careful hand takes what each digit is worth, and
 * any parts are right that make the number together.
 *
 * @param across whether they stand along the upper edge; otherwise down the side
 */
public record Parts(AreaBox box, Numeral number, boolean across) implements FreeQuestion<List<BigInteger>> {
    /** Nobody takes a number apart into more. */
    private static final int MOST = 12;
    /** How many parts more than it has digits there is room for on a paper: a 46 as 20, 20 and 6, a 386 as 100, 100, 100, 80 and 6. */
    private static final int ROOM = 2;

    @Override
    public List<BigInteger> careful() {
        return Expanded.of(number);
    }

    @Override
    public boolean allows(List<BigInteger> parts) {
        return !parts.isEmpty() && parts.stream().allMatch(part -> part.signum() > 0)
                && parts.stream().reduce(BigInteger.ZERO, BigInteger::add).equals(number.wholeValue());
    }

    @Override
    public List<BigInteger> roomiest() {
        List<BigInteger> parts = new ArrayList<>(careful());
        BigInteger rest = parts.get(0).subtract(BigInteger.valueOf(ROOM));
        if (rest.signum() <= 0) {
            return parts;
        }
        parts.set(0, rest);
        for (int i = 0; i < ROOM; i++) {
            parts.add(BigInteger.ONE);
        }
        return parts;
    }

    /** The parts that were chosen, or those of a careful hand where they do not make the number. */
    List<BigInteger> orCareful(List<BigInteger> parts) {
        return allows(parts) ? parts : careful();
    }

    /** As they stand, where they make the number; any others are a mistake in what stands there. */
    @Override
    public @Nullable List<BigInteger> read(Reading paper) {
        List<BigInteger> parts = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            BigInteger part = box.readEdge(paper, across, i);
            if (part == null) {
                break;
            }
            parts.add(part);
        }
        return allows(parts) ? parts : null;
    }

    @Override
    public void ink(List<BigInteger> parts, Ink ink) {
        for (int i = 0; i < parts.size(); i++) {
            box.edge(across, i, parts.get(i), ink);
        }
    }
}
