package bemble.core.diagnosis.outcome;

import bemble.core.hand.slipped.Slip;
import bemble.core.style.HouseStyle;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A hand that comes to an answer: one that gets stuck is no path.
 *
 * @param slips the names of its slips, one or two
 * @param hand what it does otherwise than a careful one
 * @param style in which it sets the numbers out
 * @param weight how likely it is beforehand that an answer is written by this hand
 */
public record Path(List<String> slips, Slip hand, HouseStyle style, double weight) {
    /** The same, its slips named in an order of one's own; what the hand does stays. */
    public Path inOrder(Comparator<String> first) {
        return new Path(slips.stream().sorted(first).toList(), hand, style, weight);
    }

    public String slip() {
        return slips.get(0);
    }

    @Nullable
    public String with() {
        return slips.size() > 1 ? slips.get(1) : null;
    }
}
