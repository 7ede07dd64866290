package bemble.core.style;

/**
 * How the example of a choice shows it.
 *
 * @param step after which step of the working, from 0; {@link #END} is the end of the work, {@link #AFTER_THE_CHECK} that of its check
 */
public record Shown(As as, int step) {
    public static final int END = -1;
    public static final int AFTER_THE_CHECK = -2;
    /** The paper when the work is done. */
    static final Shown ON_PAPER = new Shown(As.PAPER, END);

    /** What of the working shows it. */
    public enum As {
        PAPER,
        SENTENCE,
        /** A sentence, and the paper when the work is done. */
        BOTH,
        CHECK
    }

    static Shown paper(int step) {
        return new Shown(As.PAPER, step);
    }

    static Shown said(int step) {
        return new Shown(As.SENTENCE, step);
    }
}
