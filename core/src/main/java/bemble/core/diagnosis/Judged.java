package bemble.core.diagnosis;

import java.util.List;

/**
 * An answer as it is judged.
 *
 * @param firstWrongPlace the first place, in the order of writing, in which a wrong answer differs; else null
 * @param findings what fits it, likeliest first; none where it is right or cannot be read
 */
public record Judged(Verdict verdict, Integer firstWrongPlace, List<Finding> findings) {
    /** What an answer is. */
    public enum Verdict {
        CORRECT, WRONG, UNREADABLE;

        public String id() {
            return name().toLowerCase();
        }
    }
}
