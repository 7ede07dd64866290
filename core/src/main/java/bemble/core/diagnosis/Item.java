package bemble.core.diagnosis;

/**
 * An answer that a writer gave.
 *
 * @param given as it stands there
 * @param paper the slip that the paper fits on which it was worked, where that is at hand; else null
 */
public record Item(Answers answers, String given, String paper) {
    /** An answer of which no working is at hand. */
    public Item(Answers answers, String given) {
        this(answers, given, null);
    }
}
