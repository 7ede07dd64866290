package bemble.core.given;

import bemble.core.problem.Numeral;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/** Numbers drawn at random, small ones as often as long ones, with many zeros and nines. */
public final class RandomNumbers {
    private static final String FAVOURED = "00123456789959";

    private static final long NIGHT = Long.getLong("bemble.night", 0);

    private RandomNumbers() {}

    /** The same numbers each time, but for the night, which has others ({@code -Dbemble.night}). */
    public static RandomGenerator seeded(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed + NIGHT * 1_000_003);
    }

    public static Numeral whole(RandomGenerator random, int mostDigits) {
        int length = 1 + random.nextInt(random.nextBoolean() ? Math.min(4, mostDigits) : mostDigits);
        StringBuilder digits = new StringBuilder();
        for (int i = 0; i < length; i++) {
            digits.append(FAVOURED.charAt(random.nextInt(FAVOURED.length())));
        }
        return Numeral.of(digits.toString());
    }

    public static Numeral decimal(RandomGenerator random, int mostDigits) {
        Numeral whole = whole(random, mostDigits);
        return random.nextBoolean() ? whole : whole.withPoint(random.nextInt(4));
    }
}
