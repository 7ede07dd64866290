package bemble.core.subtraction.column;

/**
 * One of a place exchanged for ten of the next lower place.
 *
 * @param from the place that gives, a power of ten
 * @param to the place that gets
 */
public record Exchange(int from, int to, int fromBefore, int fromAfter, int toBefore, int toAfter) {}
