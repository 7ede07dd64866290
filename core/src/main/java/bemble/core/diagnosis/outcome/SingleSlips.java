package bemble.core.diagnosis.outcome;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What the listed slips come to in one question, made everywhere or in one column only. Worked out once, and never changed
 * afterwards.
 */
final class SingleSlips {
    /** Decisions made for one slip before no further hand of its family, and no further column, is tried. */
    private static final long MOST_OF_A_SLIP = 20_000;
    private static final int MOST_OF_A_FAMILY = 160;

    private final Trials trials;
    private final RightAnswer right;
    private final Map<String, List<Path>> paths = new HashMap<>();
    private final Map<String, Outcomes> bySlip = new LinkedHashMap<>();
    /** The same of those who make a slip everywhere, and of those who make it in one of its columns. */
    private final Map<String, Outcomes> everywhere = new HashMap<>();
    private final Map<String, Outcomes> inOnePlace = new HashMap<>();
    /** How likely somebody who makes some of the slips comes to an answer, where it makes the answer wrong. */
    private final Map<String, Double> shares = new HashMap<>();

    SingleSlips(Trials trials, List<KnownSlip> slips, RightAnswer right) {
        this.trials = trials;
        this.right = right;
        slips.forEach(slip -> bySlip.put(slip.id(), new Outcomes()));
        workOut(slips, HouseStyle.USUAL, 1);
        Problem problem = trials.problem();
        if (problem.operation() == Operation.MULTIPLICATION
                && problem.operands().get(0).compareTo(problem.operands().get(1)) < 0) {
            workOut(slips, HouseStyle.USUAL.keepingOrder(), Model.OTHER_ORDER);
        }
        double all = 0;
        for (Outcomes outcomes : bySlip.values()) {
            for (Map.Entry<String, Double> each : outcomes.weights().entrySet()) {
                if (!right.is(each.getKey())) {
                    shares.merge(each.getKey(), each.getValue(), Double::sum);
                    all += each.getValue();
                }
            }
        }
        double whole = all;
        shares.replaceAll((answer, weight) -> weight / whole);
    }

    private void workOut(List<KnownSlip> slips, HouseStyle style, double share) {
        for (KnownSlip slip : slips) {
            List<Slip> hands = slip.slips(trials.problem());
            double each = share * Model.prior(slip.met()) / Math.max(1, hands.size());
            Trials.Bound bound = trials.upTo(MOST_OF_A_SLIP);
            for (int i = 0; i < Math.min(hands.size(), MOST_OF_A_FAMILY) && !bound.isReached(); i++) {
                workOut(slip.id(), hands.get(i), style, each, bound);
            }
        }
    }

    private void workOut(String slip, Slip hand, HouseStyle style, double weight, Trials.Bound bound) {
        Written written = bound.written(hand, style);
        List<Integer> places = written.brokenPlaces();
        String key = Trials.keyOf(written);
        boolean once = places.size() > 1;
        double whole = weight * (once ? 1 - Model.IN_ONE_PLACE : 1);
        note(slip, key, whole);
        outcomes(everywhere, slip).add(orRight(key), weight, true);
        add(new Path(List.of(slip), hand, style, whole), key);
        for (int i = 0; once && i < places.size() && !bound.isReached(); i++) {
            Slip here = hand.at(places.get(i));
            double part = weight * Model.IN_ONE_PLACE / places.size();
            String other = bound.keyOf(here, style);
            note(slip, other, part);
            outcomes(inOnePlace, slip).add(orRight(other), part, true);
            if (other != null && !other.equals(key)) {
                add(new Path(List.of(slip), here, style, part), other);
            }
        }
    }

    private static Outcomes outcomes(Map<String, Outcomes> all, String slip) {
        return all.computeIfAbsent(slip, id -> new Outcomes());
    }

    private String orRight(@Nullable String key) {
        return key == null ? right.key() : key;
    }

    private void note(String slip, @Nullable String key, double weight) {
        String reached = orRight(key);
        Objects.requireNonNull(bySlip.get(slip)).add(reached, weight, !right.is(reached));
    }

    private void add(Path path, @Nullable String key) {
        if (key != null && !right.is(key)) {
            paths.computeIfAbsent(key, any -> new ArrayList<>(2)).add(path);
        }
    }

    /** Whether a slip is one of these. */
    boolean has(String slip) {
        return bySlip.containsKey(slip);
    }

    /** The hands that come to an answer. */
    List<Path> leadingTo(String key) {
        return paths.getOrDefault(key, List.of());
    }

    /** The answers that a slip leads to. */
    Outcomes of(String slip) {
        return bySlip.getOrDefault(slip, Outcomes.NONE);
    }

    /** How likely somebody who makes some of the slips comes to an answer, where it makes the answer wrong. */
    double share(String key) {
        return shares.getOrDefault(key, 0.0);
    }

    /** How likely somebody who makes one slip wherever they can comes to an answer. */
    double made(String slip, String key) {
        Outcomes outcomes = everywhere.getOrDefault(slip, Outcomes.NONE);
        if (outcomes.isEmpty()) {
            return right.is(key) ? 1 : 0;
        }
        Outcomes part = inOnePlace.getOrDefault(slip, Outcomes.NONE);
        return part.isEmpty() ? outcomes.share(key)
                : (1 - Model.NOW_AND_THEN) * outcomes.share(key) + Model.NOW_AND_THEN * part.share(key);
    }

    /** How many entries are held. */
    long entries() {
        return paths.values().stream().mapToLong(List::size).sum() + shares.size()
                + bySlip.values().stream().mapToLong(each -> 3L * each.weights().size()).sum();
    }
}
