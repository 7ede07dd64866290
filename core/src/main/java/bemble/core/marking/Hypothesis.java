package bemble.core.marking;

import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.List;

/**
 * A hand that may have written a paper.
 *
 * @param slip what it does otherwise than a careful one, or null
 * @param names the names of its slips, the first one first
 */
record Hypothesis(Slip slip, List<String> names) {
    static final Hypothesis CAREFUL = new Hypothesis(null, List.of());

    static Hypothesis of(KnownSlip slip) {
        return CAREFUL.and(slip);
    }

    /** The same hand with one more slip. */
    Hypothesis and(KnownSlip more) {
        return with(more.slip(), more.id());
    }

    /** The same hand with one more slip, made in one column only. */
    Hypothesis and(KnownSlip more, int place) {
        return with(more.slip().at(place), more.id());
    }

    /** The same hand with one more fact missed. */
    Hypothesis missing(int fact, int by) {
        return with(Slip.nearMiss(fact, by), Slips.FACT_NEAR_MISS);
    }

    private Hypothesis with(Slip more, String name) {
        List<String> all = new ArrayList<>(names);
        all.add(name);
        return new Hypothesis(slip == null ? more : more.and(slip), List.copyOf(all));
    }

    int slips() {
        return names.size();
    }
}
