package bemble.core.practice;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.practice.growing.Sizes;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Finds which wishes cannot be met together. */
final class Conflict {
    /** Beyond this no count is tried when a bound is looked for. */
    private static final int FARTHEST = 81;

    private Conflict() {}

    /** The refusal that names a smallest group of the wishes that cannot be met together, and the bound they meet. */
    static Refusal in(Wishes wishes) {
        List<Feature> wanted = List.copyOf(wishes.wanted().keySet());
        List<Feature> conflict = wanted;
        for (int size = 1; size < wanted.size() && conflict.size() == wanted.size(); size++) {
            int wantedSize = size;
            conflict = subsets(wanted).stream().filter(subset -> subset.size() == wantedSize)
                    .filter(subset -> !Sizes.canBe(wishes.only(subset)))
                    .findFirst().orElse(wanted);
        }
        String message = sentence(wishes.only(conflict));
        return Refusal.of(conflict.stream().map(feature -> new Fault("want." + feature.id(), message)).toList());
    }

    private static List<List<Feature>> subsets(List<Feature> features) {
        List<List<Feature>> subsets = new ArrayList<>();
        for (int bits = 1; bits < 1 << features.size(); bits++) {
            int chosen = bits;
            subsets.add(IntStream.range(0, features.size()).filter(i -> (chosen >> i & 1) == 1)
                    .mapToObj(features::get).toList());
        }
        return subsets;
    }

    private static String sentence(Wishes wishes) {
        List<Feature> features = List.copyOf(wishes.wanted().keySet());
        String together = features.stream().map(feature -> inWords(feature, wishes.wish(feature).orElseThrow()))
                .collect(Collectors.joining(" and "));
        return together + " cannot be had" + (features.size() > 1 ? " together" : "") + " ("
                + features.stream().map(Feature::id).collect(Collectors.joining(", ")) + ")." + bound(wishes, features);
    }

    private static String inWords(Feature feature, Wish wish) {
        if (feature.isYesNo()) {
            return (wish.max() == 0 ? "not " : "") + feature.label();
        }
        String count = wish.isSingle() ? "" + wish.min()
                : wish.max() == feature.most() ? wish.min() + " or more"
                        : wish.min() == feature.least() ? "at most " + wish.max() : wish.min() + " to " + wish.max();
        return count + " " + feature.label();
    }

    /** What the last counted feature could be with the others as they are. */
    private static String bound(Wishes wishes, List<Feature> features) {
        Feature last = features.get(features.size() - 1);
        if (last.isYesNo()) {
            return " Change one of these wishes.";
        }
        int[] can = IntStream.rangeClosed(last.least(), Math.min(last.most(), FARTHEST))
                .filter(count -> Sizes.canBe(wishes.with(last, Wish.exactly(count)))).toArray();
        return can.length == 0 ? " Change one of these wishes."
                : (features.size() > 1 ? " With the rest as it is, " : " Here ") + last.label() + " can be " + can[0]
                        + (can.length == 1 ? ""
                                : " to " + can[can.length - 1])
                        + ".";
    }
}
