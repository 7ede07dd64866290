package bemble.core.scan;

/**
 * What was read in a square.
 *
 * @param kind one of the {@link FigureChances}
 * @param sure how sure that is, from 0 to 1
 * @param hidden what the net's last layer but one said of it; without numbers where the square is bare
 */
public record FigureRead(ReadSquare square, int kind, double sure, float[] hidden) {
    private static final double SURE = 0.93;

    /** Whether nobody should build on it unasked. */
    public boolean isDoubtful() {
        return sure < SURE;
    }

    public boolean isEmpty() {
        return kind == FigureChances.EMPTY;
    }
}
