package bemble.core.subtraction.exchange;

import bemble.core.hand.Question;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * From which place a ten is got for the column that needs it.
 *
 * @param tops the figures further to the left, the next first
 * @param highest the place furthest to the left
 */
public record Giver(int place, List<Integer> tops, int highest) implements Question<Integer> {
    @Override
    public @Nullable Integer careful() {
        for (int i = 0; i < tops.size(); i++) {
            if (tops.get(i) > 0) {
                return place + 1 + i;
            }
        }
        return null;
    }
}
