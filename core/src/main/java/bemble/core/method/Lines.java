package bemble.core.method;

/** The names of the lines that sums on paper have in common. */
final class Lines {
    static final String HEADS = "heads";
    static final String CARRIES = "carries";
    static final String ON_RULE = "on-rule";
    static final String ANSWER = "answer";
    static final String UNDER = "under";

    private Lines() {}

    /** The line of the addend with that number, from 1 at the top. */
    static String addend(int number) {
        return "addend-" + number;
    }
}
