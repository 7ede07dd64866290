package bemble.core.practice.features;

import java.util.Random;

/**
 * How many of a feature a question may have, both ends included; a yes is 1, a no is 0.
 */
public record Wish(int min, int max) {
    /** So many, no more and no fewer. */
    public static Wish exactly(int count) {
        return new Wish(count, count);
    }

    /** A thing that is wanted, or wanted not to be. */
    public static Wish of(boolean wanted) {
        return exactly(wanted ? 1 : 0);
    }

    /** Whether a count is within what is wished. */
    public boolean allows(int count) {
        return count >= min && count <= max;
    }

    /** A count this wish allows, each equally likely. */
    public int draw(Random random) {
        return min + random.nextInt(max - min + 1);
    }

    boolean isEmpty() {
        return min > max;
    }

    public boolean isSingle() {
        return min == max;
    }
}
