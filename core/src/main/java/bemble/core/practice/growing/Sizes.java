package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import java.util.List;
import java.util.Optional;

/** How long the numbers are where nobody said. */
public final class Sizes {
    /** The features that are sizes, the larger number's before the smaller's. */
    private static final List<Feature> SIZED = List.of(Feature.DIGITS, Feature.SUBTRAHEND_DIGITS, Feature.TOP_DIGITS,
            Feature.BOTTOM_DIGITS, Feature.DIVIDEND_DIGITS, Feature.DIVISOR_DIGITS, Feature.RADICAND_DIGITS);

    /** The larger number's digits and the smaller's, as they are tried: the usual first, then wider. */
    private record Usual(Wish larger, Wish smaller) {}

    private static final List<Usual> TRIED = List.of(
            new Usual(new Wish(3, 4), new Wish(1, 2)),
            new Usual(new Wish(2, 4), new Wish(1, 4)),
            new Usual(new Wish(1, 6), new Wish(1, 6)),
            new Usual(new Wish(1, 12), new Wish(1, 12)),
            new Usual(new Wish(1, 40), new Wish(1, 40)));

    private Sizes() {}

    public static boolean isSize(Feature feature) {
        return SIZED.contains(feature);
    }

    /** A grower with sizes settled where they were left open: the usual ones, or the next wider that can be. */
    public static Optional<Grower> settled(Wishes wishes) {
        for (Usual usual : TRIED) {
            Grower grower = Grower.of(settled(wishes, usual));
            if (grower.isPossible()) {
                return Optional.of(grower);
            }
        }
        return Optional.empty();
    }

    /** Whether any sizes at all can be had with these wishes. */
    public static boolean canBe(Wishes wishes) {
        return Grower.of(settled(wishes, TRIED.get(TRIED.size() - 1))).isPossible();
    }

    private static Wishes settled(Wishes wishes, Usual usual) {
        List<Feature> sizes = SIZED.stream().filter(Feature.of(wishes.operation())::contains).toList();
        Wishes settled = wishes;
        for (Feature size : sizes) {
            if (wishes.wish(size).isEmpty()) {
                settled = settled.with(size, size == sizes.get(0) ? usual.larger() : usual.smaller());
            }
        }
        return settled;
    }
}
