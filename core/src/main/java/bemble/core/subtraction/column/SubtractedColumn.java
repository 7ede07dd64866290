package bemble.core.subtraction.column;

/**
 * One column of a subtraction by exchange.
 *
 * @param place its power of ten
 * @param top as it finally stands when the column is subtracted
 * @param digit what is written under it, 0 where nothing is
 * @param exchanged whether ten was brought to this column for its own subtraction
 */
public record SubtractedColumn(int place, int top, int bottom, int digit, boolean exchanged) {
    /** Whether what is written is what is left; a slipped hand may write something else. */
    public boolean agrees() {
        return top - bottom == digit;
    }
}
