package bemble.core.given;

/**
 * How many random cases a test tries. {@code ./bemble test} tries half of its usual number, the same ones each time; {@code --quick} fewer
 * of them, {@code ./bemble nightly} many more, and others each night.
 */
public final class Trials {
    private static final double SHARE = Double.parseDouble(System.getProperty("bemble.trials", "1"));

    private Trials() {}

    /** So many of what a test usually tries, one at least. */
    public static int of(int usual) {
        return of(usual, 1);
    }

    /** The same, with fewer than so many never: where a test waits for something to happen. */
    public static int of(int usual, int least) {
        return Math.max(least, (int) Math.round(usual * SHARE));
    }
}
