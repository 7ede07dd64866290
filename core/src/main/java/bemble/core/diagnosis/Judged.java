package bemble.core.diagnosis;

import bemble.core.entry.RightAnswer.Verdict;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An answer as it is judged: 635 for 687 + 58 is wrong in the tens first, and {@code carry-forgotten} fits it best.
 *
 * @param firstWrongPlace the first place, in the order of writing, in which a wrong answer differs; else null
 * @param findings what fits it, likeliest first; none where it is right or cannot be read
 * @param unknown how likely nothing that is known led to it, nor chance, from 0 to 1
 * @param say where no finding is likely, a sentence that tells so; else nothing
 */
public record Judged(Verdict verdict, @Nullable Integer firstWrongPlace, List<Finding> findings, double unknown,
        String say) {
    /** The same, with other things that fit. */
    public Judged withFindings(List<Finding> others) {
        return new Judged(verdict, firstWrongPlace, others, unknown, say);
    }
}
