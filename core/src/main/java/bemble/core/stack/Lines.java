package bemble.core.stack;

/** The names of the lines that sums on paper have in common. */
public final class Lines {
    public static final String HEADS = "heads";
    public static final String CARRIES = "carries";
    public static final String ON_RULE = "on-rule";
    public static final String ANSWER = "answer";
    public static final String UNDER = "under";
    private static final int KNOWN = 64;
    private static final String[] ADDENDS = new String[KNOWN];

    static {
        for (int i = 0; i < KNOWN; i++) {
            ADDENDS[i] = "addend-" + i;
        }
    }

    private Lines() {}

    /** The line of the addend with that number, from 1 at the top. */
    public static String addend(int number) {
        return number < KNOWN ? ADDENDS[number] : "addend-" + number;
    }
}
