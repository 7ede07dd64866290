package bemble.core.diagnosis;

import bemble.core.problem.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A slip, or two together, as the cause of several answers of one writer.
 *
 * @param problem a question in which it shows
 * @param with the second slip's name where there are two, or null
 * @param fact of a fact known wrongly, that fact and what it is taken for, such as {@code 7x8=54}; else null
 * @param explains how many of the wrong answers it explains
 * @param of how many answers were wrong
 * @param chances on how many questions it would have changed the answer
 * @param confidence how likely it is, from 0 to 1, under the stated model
 * @param say what it rests on, in a teacher's words
 */
public record Cause(String slip, @Nullable String with, Problem problem, @Nullable String fact, int explains, int of,
        int chances,
        double confidence, String say) {
    /** The names of its slips, one or two. */
    public List<String> slips() {
        return with == null ? List.of(slip) : List.of(slip, with);
    }
}
