package bemble.core.progress;

import bemble.core.problem.Problem;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One first answer of a pupil, as it counts for what they can do.
 *
 * @param day the day it was written
 * @param right whether it was right at once
 * @param alone whether nobody helped; what was helped with counts neither for nor against anybody
 * @param chance whether the question gave one of the usual slips a chance
 * @param cause the slip it is put down to; null where it is right, or nothing is known
 * @param source where it stands, so that every figure can be opened
 */
public record Evidence(LocalDate day, boolean right, boolean alone, boolean chance, @Nullable String cause,
        Source source) {
    /** A question of a marked sheet. */
    public record Source(long marking, int question, Problem problem, String given) {}
}
