package bemble.core.scan;

import java.util.Arrays;

/**
 * What may stand in a square, each with its chance; together they are 1.
 *
 * @param each the chances of 0 to 9, then of {@link #EMPTY}, {@link #STRUCK}, {@link #POINT} and {@link #NO_FIGURE}
 */
public record FigureChances(double[] each) {
    /** Nothing stands there. */
    public static final int EMPTY = 10;
    /** Something is struck out there. */
    public static final int STRUCK = 11;
    public static final int POINT = 12;
    /** Something that is no figure. */
    public static final int NO_FIGURE = 13;
    public static final int KINDS = 14;

    /** Of a square without any ink. */
    static final FigureChances NOTHING = nothing();

    private static FigureChances nothing() {
        double[] each = new double[KINDS];
        Arrays.fill(each, 0.0005);
        each[EMPTY] = 1 - 0.0005 * (KINDS - 1);
        return new FigureChances(each);
    }

    public FigureChances {
        if (each.length != KINDS) {
            throw new IllegalArgumentException(each.length + " chances");
        }
    }

    public double of(int kind) {
        return each[kind];
    }

    /** The likeliest. */
    public int best() {
        int best = 0;
        for (int kind = 1; kind < KINDS; kind++) {
            best = each[kind] > each[best] ? kind : best;
        }
        return best;
    }
}
