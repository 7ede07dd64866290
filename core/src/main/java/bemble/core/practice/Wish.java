package bemble.core.practice;

/**
 * How many of a feature a question may have, both ends included; a yes is 1, a no is 0.
 */
public record Wish(int min, int max) {
    static final Wish NO = exactly(0);

    public static Wish exactly(int count) {
        return new Wish(count, count);
    }

    public static Wish of(boolean wanted) {
        return exactly(wanted ? 1 : 0);
    }

    public boolean allows(int count) {
        return count >= min && count <= max;
    }

    /** The part of a stretch that this wish allows; its {@code min} is above its {@code max} where that is nothing. */
    Wish within(int from, int to) {
        return new Wish(Math.max(min, from), Math.min(max, to));
    }

    boolean isEmpty() {
        return min > max;
    }

    boolean isSingle() {
        return min == max;
    }
}
