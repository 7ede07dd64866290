package bemble.core.practice;

/**
 * Counts towards a wish no further than it matters, so that few states have to be told apart.
 *
 * @param columns how far the count can ever come
 */
record Tally(Wish wish, int columns) {
    /** The count after {@code more}; counts that no longer matter are all the same. */
    int after(int count, int more) {
        int most = wish.max() >= columns ? wish.min() : wish.max() + 1;
        return Math.min(count + more, Math.max(0, most));
    }

    /** Whether the wish can still be met, since the count only grows. */
    boolean mayGoOn(int count) {
        return count <= wish.max();
    }
}
