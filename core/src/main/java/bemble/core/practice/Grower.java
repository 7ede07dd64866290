package bemble.core.practice;

import bemble.core.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Builds problems towards what is wished for. */
interface Grower {
    /** Whether any problem at all can have what is wished, as far as the bounds tell. */
    boolean isPossible();

    /** One problem, or nothing where this attempt did not come out; only where that {@link #isPossible()}. */
    Optional<Problem> grow(Random random);

    /** A grower towards wishes whose sizes are all settled. */
    static Grower of(Wishes wishes) {
        return switch (wishes.operation()) {
            case ADDITION -> new AdditionGrower(wishes);
            case SUBTRACTION -> new SubtractionGrower(wishes);
            case MULTIPLICATION -> new MultiplicationGrower(wishes);
            case DIVISION -> new DivisionGrower(wishes);
            case SQUARE_ROOT -> new RootGrower(wishes);
        };
    }

    /** A grower with sizes settled where they were left open: the usual ones, or the next larger that can be. */
    static Optional<Grower> settled(Wishes wishes) {
        for (List<Wish> sizes : SIZES) {
            Wishes settled = wishes;
            List<Feature> open = SIZED.stream().filter(Feature.of(wishes.operation())::contains).toList();
            for (int i = 0; i < open.size(); i++) {
                if (wishes.wish(open.get(i)).isEmpty()) {
                    settled = settled.with(open.get(i), sizes.get(Math.min(i, sizes.size() - 1)));
                }
            }
            Grower grower = of(settled);
            if (grower.isPossible()) {
                return Optional.of(grower);
            }
        }
        return Optional.empty();
    }

    /** The features that are sizes, the larger number's before the smaller's. */
    List<Feature> SIZED = List.of(Feature.DIGITS, Feature.SUBTRAHEND_DIGITS, Feature.TOP_DIGITS, Feature.BOTTOM_DIGITS,
            Feature.DIVIDEND_DIGITS, Feature.DIVISOR_DIGITS, Feature.RADICAND_DIGITS);

    /** What sizes are tried: first and second number, from the usual on. */
    List<List<Wish>> SIZES = List.of(
            List.of(new Wish(3, 4), new Wish(1, 2)),
            List.of(new Wish(2, 4), new Wish(1, 4)),
            List.of(new Wish(1, 6), new Wish(1, 6)),
            List.of(new Wish(1, 12), new Wish(1, 12)),
            List.of(new Wish(1, 40), new Wish(1, 40)));
}
