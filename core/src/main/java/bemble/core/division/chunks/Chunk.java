package bemble.core.division.chunks;

import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Reading;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * How many times at once the divisor is taken away; a careful hand takes the largest of 1, 2, 5 times a power of ten
 * that fits, but any number that fits is right.
 *
 * @param partial what is left to be shared
 * @param side where it is noted, in that line
 * @param block where what it comes to is taken away, in the same line
 */
record Chunk(BigInteger partial, BigInteger divisor, Block side, Block block,
        Line line) implements FreeQuestion<BigInteger> {
    @Override
    public @Nullable BigInteger careful() {
        BigInteger best = null;
        BigInteger unit = BigInteger.ONE;
        while (divisor.multiply(unit).compareTo(partial) <= 0) {
            for (int times : new int[] {1, 2, 5}) {
                BigInteger chunk = unit.multiply(BigInteger.valueOf(times));
                if (divisor.multiply(chunk).compareTo(partial) <= 0) {
                    best = chunk;
                }
            }
            unit = unit.multiply(BigInteger.TEN);
        }
        return best;
    }

    @Override
    public boolean allows(BigInteger chunk) {
        return chunk.signum() > 0 && chunk.multiply(divisor).compareTo(partial) <= 0;
    }

    /**
     * As it is noted; where it is not, or is noted with zeros lost, as what is taken away says. One that does not fit is a mistake in
     * what is noted.
     */
    @Override
    public @Nullable BigInteger read(Reading paper) {
        BigInteger noted = PaperNumbers.whole(paper, side, line, 0);
        BigInteger taken = PaperNumbers.whole(paper, block, line, 0);
        BigInteger lots = taken == null || taken.mod(divisor).signum() != 0 ? null : taken.divide(divisor);
        BigInteger chunk =
                lots != null && (noted == null || isWithoutZeros(noted, lots)) ? lots : noted;
        return chunk != null && allows(chunk) ? chunk : null;
    }

    private static boolean isWithoutZeros(BigInteger noted, BigInteger lots) {
        return lots.toString().matches(noted + "0+");
    }
}
