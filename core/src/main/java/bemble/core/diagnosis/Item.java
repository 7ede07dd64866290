package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.entry.GivenAnswer;
import bemble.core.problem.Punctuation;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An answer that a writer gave.
 *
 * @param given as it stands there; null where it is known to be right, however it is written
 * @param paper the slip that the paper fits on which it was worked, where that is at hand; else null
 */
public record Item(Answers answers, @Nullable String given, @Nullable String paper) {
    /** An answer that is known to be right. */
    public static Item right(Answers answers) {
        return new Item(answers, null, null);
    }

    /** What was given, as a value; nothing where it cannot be read. */
    Optional<String> key(Punctuation punctuation) {
        return given == null ? Optional.of(answers.right())
                : GivenAnswer.read(given, punctuation).map(GivenAnswer::key);
    }

    /** An answer of which no working is at hand. */
    public Item(Answers answers, @Nullable String given) {
        this(answers, given, null);
    }
}
