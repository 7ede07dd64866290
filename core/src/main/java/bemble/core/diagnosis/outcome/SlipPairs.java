package bemble.core.diagnosis.outcome;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * What two slips at once come to in one question, and a slip with a fact missed: each pair is worked out when it is first asked for, and
 * by itself. May be asked by several threads at once.
 */
final class SlipPairs {
    /** Decisions made before no further hand of one pair is tried. */
    private static final long MOST_OF_A_PAIR = 60_000;
    /** The same of all pairs together, where it is asked which of them come to an answer. */
    private static final long MOST_OF_ALL = 300_000;
    private static final int SOME_OF_A_FAMILY = 8;
    private static final int FEW_OF_A_FAMILY = 4;

    private final Trials trials;
    private final List<KnownSlip> slips;
    private final int facts;
    private final SingleSlips singles;
    private final RightAnswer right;
    private final Map<String, Map<String, Double>> missedAfter = new ConcurrentHashMap<>();
    private final Map<Hypothesis, Map<String, Double>> byPair = new ConcurrentHashMap<>();
    private volatile @Nullable Map<String, List<Path>> paths;

    SlipPairs(Trials trials, List<KnownSlip> slips, int facts, SingleSlips singles, RightAnswer right) {
        this.trials = trials;
        this.slips = slips;
        this.facts = facts;
        this.singles = singles;
        this.right = right;
    }

    /** The hands of two slips, or of a slip with a fact missed, that come to an answer. */
    List<Path> leadingTo(String key) {
        Map<String, List<Path>> known = paths;
        if (known == null) {
            synchronized (this) {
                known = paths == null ? workOut() : paths;
                paths = known;
            }
        }
        return known.getOrDefault(key, List.of());
    }

    /** One that changes nothing by itself may change something after another. */
    private Map<String, List<Path>> workOut() {
        Map<String, List<Path>> found = new HashMap<>();
        Trials.Bound bound = trials.upTo(MOST_OF_ALL);
        Map<KnownSlip, Slip> likeliest = new HashMap<>();
        slips.forEach(slip -> likeliest.put(slip, firstOf(slip, 1).stream().findFirst().orElse(slip.slip())));
        for (KnownSlip one : slips) {
            boolean changes = singles.of(one.id()).changesAnswer();
            List<Slip> hands = firstOf(one, FEW_OF_A_FAMILY);
            for (Slip hand : hands) {
                double weight = Model.prior(one.met()) / hands.size();
                for (KnownSlip other : slips) {
                    if (other != one && (changes || singles.of(other.id()).changesAnswer())) {
                        note(found, List.of(one.id(), other.id()),
                                hand.and(Objects.requireNonNull(likeliest.get(other))),
                                weight * Model.prior(other.met()) * Model.SLIPS_GO_TOGETHER / 2, bound);
                    }
                }
                for (int which = 0; changes && which < facts; which++) {
                    for (int by : new int[] {1, -1}) {
                        note(found, List.of(one.id(), Slips.FACT_NEAR_MISS), hand.and(Slip.nearMiss(which, by)),
                                weight * Model.mean(Model.SLACK) * Model.FACTS_MISSED / (2 * facts), bound);
                    }
                }
            }
        }
        return found;
    }

    private void note(Map<String, List<Path>> found, List<String> names, Slip both, double weight,
            Trials.Bound bound) {
        String key = bound.isReached() ? null : bound.keyOf(both, HouseStyle.USUAL);
        if (key != null && !right.is(key)) {
            found.computeIfAbsent(key, any -> new ArrayList<>(2))
                    .add(new Path(names, both, HouseStyle.USUAL, weight));
        }
    }

    private List<Slip> firstOf(KnownSlip slip, int most) {
        List<Slip> hands = slip.slips(trials.problem());
        return hands.subList(0, Math.min(hands.size(), most));
    }

    private List<Slip> firstOf(String id, int most) {
        return slips.stream().filter(each -> each.id().equals(id)).findFirst().map(slip -> firstOf(slip, most))
                .orElse(List.of());
    }

    /** How likely somebody who makes a slip, and misses one fact besides, comes to an answer. */
    double missedAfter(String slip, String key) {
        return missedAfter.computeIfAbsent(slip, this::missesAfter).getOrDefault(key, 0.0);
    }

    private Map<String, Double> missesAfter(String id) {
        Map<String, Double> answers = new HashMap<>();
        List<Slip> hands = firstOf(id, FEW_OF_A_FAMILY);
        double share = 1.0 / Math.max(1, 2 * facts * hands.size());
        Trials.Bound bound = trials.upTo(MOST_OF_A_PAIR);
        for (Slip hand : hands) {
            for (int which = 0; which < facts && !bound.isReached(); which++) {
                for (int by : new int[] {1, -1}) {
                    String key = bound.keyOf(hand.and(Slip.nearMiss(which, by)), HouseStyle.USUAL);
                    if (key != null) {
                        answers.merge(key, share, Double::sum);
                    }
                }
            }
        }
        return answers;
    }

    /** How likely somebody who makes both of two slips comes to an answer. */
    double made(Hypothesis both, String key) {
        return byPair.computeIfAbsent(both, this::ofBoth).getOrDefault(key, 0.0);
    }

    private Map<String, Double> ofBoth(Hypothesis both) {
        List<Slip> first = firstOf(both.one(), SOME_OF_A_FAMILY);
        List<Slip> second = firstOf(both.other(), SOME_OF_A_FAMILY);
        Map<String, Double> answers = new HashMap<>();
        if (first.isEmpty() || second.isEmpty()) {
            Outcomes outcomes = singles.of(first.isEmpty() ? both.other() : both.one());
            outcomes.weights().keySet().forEach(key -> answers.put(key, outcomes.share(key)));
            return answers;
        }
        int tried = 0;
        Trials.Bound bound = trials.upTo(MOST_OF_A_PAIR);
        for (Slip hand : first) {
            for (Slip with : second) {
                for (Slip together : List.of(hand.and(with), with.and(hand))) {
                    if (!bound.isReached()) {
                        String key = bound.keyOf(together, HouseStyle.USUAL);
                        answers.merge(key == null ? right.key() : key, 1.0, Double::sum);
                        tried++;
                    }
                }
            }
        }
        double all = tried;
        answers.replaceAll((key, times) -> times / all);
        return answers;
    }

    /** How many entries are held by now. */
    long entries() {
        Map<String, List<Path>> known = paths;
        return (known == null ? 0 : known.values().stream().mapToLong(List::size).sum()) + entries(missedAfter)
                + entries(byPair);
    }

    private static long entries(Map<?, Map<String, Double>> all) {
        return all.values().stream().mapToLong(each -> 1L + each.size()).sum();
    }
}
