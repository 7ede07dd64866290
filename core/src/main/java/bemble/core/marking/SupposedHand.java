package bemble.core.marking;

import bemble.core.diagnosis.outcome.Hypotheses;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A hand that may have written a paper.
 *
 * @param slip what it does otherwise than a careful one, or null
 * @param listed its listed slips, the first one first
 * @param missed how many facts it misses besides
 * @param share the share that it is of those who make its slips: a slip that can be made in many ways is made in one of them
 */
record SupposedHand(@Nullable Slip slip, List<KnownSlip> listed, int missed, double share) {
    static final SupposedHand CAREFUL = new SupposedHand(null, List.of(), 0, 1);
    /** How likely one fact among those of a working is the one that is missed, and in just that way. */
    private static final double OF_THE_FACTS = 0.05;

    /**
     * The hands of a listed slip, each member of its family by itself.
     *
     * @param most how many of them at most
     */
    static List<SupposedHand> of(KnownSlip slip, List<Slip> members, int most) {
        return members.stream().limit(most).map(member -> CAREFUL.with(member, slip, 1.0 / members.size())).toList();
    }

    /** The same hand with one more slip. */
    SupposedHand and(KnownSlip more) {
        return with(more.slip(), more, 1);
    }

    /** The same hand with one more slip, made in one column only. */
    SupposedHand and(KnownSlip more, int place) {
        return with(more.slip().at(place), more, 1);
    }

    /** The same hand with one more fact missed. */
    SupposedHand missing(int fact, int by) {
        Slip miss = Slip.nearMiss(fact, by);
        return new SupposedHand(slip == null ? miss : miss.and(slip), listed, missed + 1, share);
    }

    private SupposedHand with(Slip more, KnownSlip known, double part) {
        List<KnownSlip> all = new ArrayList<>(listed);
        all.add(known);
        return new SupposedHand(slip == null ? more : more.and(slip), List.copyOf(all), missed, share * part);
    }

    boolean has(KnownSlip known) {
        return listed.contains(known);
    }

    int slips() {
        return listed.size() + missed;
    }

    /** The names of its slips, the first one first. */
    List<String> names() {
        List<String> names = new ArrayList<>(listed.stream().map(KnownSlip::id).toList());
        for (int i = 0; i < missed; i++) {
            names.add(Slips.FACT_NEAR_MISS);
        }
        return names;
    }

    /** How likely a writer has such a hand, before anything is seen. */
    double prior() {
        double facts = Math.pow(Hypotheses.chance(true) * OF_THE_FACTS, missed);
        return listed.isEmpty() ? facts : Hypotheses.prior(listed) * share * facts;
    }
}
