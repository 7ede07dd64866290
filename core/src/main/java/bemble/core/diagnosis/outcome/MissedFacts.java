package bemble.core.diagnosis.outcome;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.slipped.Slip;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What somebody comes to who misses one fact by chance. Worked out once, and never changed afterwards. */
final class MissedFacts {
    private static final long MOST_DECISIONS = 60_000;
    private static final int NO_FACT = -1;

    private final List<FactQuestion<?>> facts;
    private final Map<String, Integer> byAnswer = new HashMap<>();
    private final Map<String, Double> times = new HashMap<>();
    private final Map<String, Slip> hands = new HashMap<>();
    private final double all;

    /** @param facts those that a careful hand works */
    MissedFacts(Trials trials, List<FactQuestion<?>> facts, RightAnswer right) {
        this.facts = facts;
        Trials.Bound bound = trials.upTo(MOST_DECISIONS);
        for (int which = 0; which < facts.size(); which++) {
            for (int by : new int[] {1, -1}) {
                miss(which, Slip.nearMiss(which, by), right, bound);
            }
        }
        Trials.Bound others = trials.upTo(MOST_DECISIONS);
        Slips.missedFacts(trials.problem(), trials.method().name()).forEach(miss -> miss(NO_FACT, miss, right, others));
        all = times.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    private void miss(int which, Slip hand, RightAnswer right, Trials.Bound bound) {
        String key = bound.isReached() ? null : bound.keyOf(hand, HouseStyle.USUAL);
        if (key != null && !right.is(key)) {
            times.merge(key, 1.0, Double::sum);
            hands.putIfAbsent(key, hand);
            byAnswer.putIfAbsent(key, which);
        }
    }

    /** Whether no fact can be missed so that it shows. */
    boolean isEmpty() {
        return times.isEmpty();
    }

    /** How likely somebody who misses just one fact comes to an answer. */
    double share(String key) {
        return all == 0 ? 0 : times.getOrDefault(key, 0.0) / all;
    }

    /** The hand that misses the fact which leads to an answer; null where none does. */
    @Nullable
    Slip hand(String key) {
        return hands.get(key);
    }

    /** The fact that was missed in that answer; null where none was. */
    @Nullable
    FactQuestion<?> fact(String key) {
        int which = byAnswer.getOrDefault(key, NO_FACT);
        return which == NO_FACT ? null : facts.get(which);
    }

    /** How many entries are held. */
    long entries() {
        return hands.size();
    }
}
