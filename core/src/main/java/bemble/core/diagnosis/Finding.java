package bemble.core.diagnosis;

import bemble.core.hand.slipped.Slip;
import bemble.core.style.HouseStyle;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cause that fits an answer: for 687 + 58 = 635 {@code carry-forgotten}, broken in the tens and in the hundreds.
 *
 * @param with the second slip's name where there are two at once, or null
 * @param places the columns where a rule was broken
 * @param confidence how likely it is, from 0 to 1, under the stated model
 * @param once whether it happened in this answer alone, of a writer who does otherwise in the others
 * @param say what fits, in a teacher's words
 * @param hand the slip, to write the presumed working with
 * @param style in which the presumed hand sets the numbers out
 */
public record Finding(String slip, @Nullable String with, List<Integer> places, double confidence, boolean once,
        String say,
        Slip hand,
        HouseStyle style) {
    /** The names of its slips, one or two. */
    public List<String> slips() {
        return with == null ? List.of(slip) : List.of(slip, with);
    }
}
