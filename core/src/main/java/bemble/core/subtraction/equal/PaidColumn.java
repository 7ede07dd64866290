package bemble.core.subtraction.equal;

/**
 * One column of a subtraction by equal additions.
 *
 * @param place its power of ten
 * @param top the digit as given, with the 1 before it where both were taken together
 * @param bottom the digit as given
 * @param payBack what is taken away besides, for ten added in the column before
 * @param addedTen whether ten was added on top
 */
public record PaidColumn(int place, int top, int bottom, int payBack, boolean addedTen, int digit) {}
