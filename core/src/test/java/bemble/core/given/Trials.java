package bemble.core.given;

/**
 * How many random cases a test tries. {@code ./bemble test} tries its usual number, the same ones each time; {@code --quick} a share of
 * them, {@code ./bemble nightly} many more, and others each night.
 */
public final class Trials {
    private static final double SHARE = Double.parseDouble(System.getProperty("bemble.trials", "1"));

    private Trials() {}

    /** So many of what a test usually tries, one at least. */
    public static int of(int usual) {
        return Math.max(1, (int) Math.round(usual * SHARE));
    }
}
