package bemble.core.practice.features;

/**
 * Counts towards a wish no further than it matters, so that few states have to be told apart.
 *
 * @param columns how far the count can ever come
 */
public record Tally(Wish wish, int columns) {
    /** The count after {@code more}; counts that no longer matter are all the same. */
    public int after(int count, int more) {
        int most = wish.max() >= columns ? wish.min() : wish.max() + 1;
        return Math.min(count + more, Math.max(0, most));
    }

    /** Whether the wish can still be met, since the count only grows. */
    public boolean mayGoOn(int count) {
        return count <= wish.max();
    }
}
