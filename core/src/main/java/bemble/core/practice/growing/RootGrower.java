package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.problem.Problem;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Builds square roots backwards: the whole part of the root, and what its square leaves over. */
final class RootGrower implements Grower {
    private final Wishes wishes;
    private final Wish decimals;
    private final List<Integer> lengths;

    RootGrower(Wishes wishes) {
        this.wishes = wishes;
        Wish digits = wishes.or(Feature.RADICAND_DIGITS, 3, 4);
        this.decimals = wishes.or(Feature.DECIMALS, 0, 0);
        this.lengths = IntStream.rangeClosed(digits.min(), digits.max()).filter(this::hasRoom).boxed().toList();
    }

    /** A 0 after the root's first digit needs a second one, before the point or, where it goes on, behind it. */
    private boolean hasRoom(int radicandDigits) {
        boolean needsZero = !wishes.allows(Feature.ZERO_IN_ROOT, false);
        boolean goesOn = decimals.max() > 0 && wishes.allows(Feature.PERFECT, false);
        return !needsZero || radicandDigits > 2 || goesOn;
    }

    @Override
    public boolean isPossible() {
        return !lengths.isEmpty();
    }

    @Override
    public Optional<Problem> grow(Random random) {
        int length = lengths.get(random.nextInt(lengths.size()));
        int places = decimals.draw(random);
        boolean perfect = wishes.allows(Feature.PERFECT, true)
                && (random.nextBoolean() || !wishes.allows(Feature.PERFECT, false));
        BigInteger most = BigIntegers.most(length).sqrt();
        BigInteger smallest = BigIntegers.least(length);
        BigInteger least = smallest.equals(BigInteger.ONE) ? BigInteger.ONE
                : smallest.subtract(BigInteger.ONE).sqrt().add(BigInteger.valueOf(perfect ? 1 : 0));
        BigInteger root = BigIntegers.between(least, most, random);
        if (perfect || places == 0) {
            Optional<BigInteger> wished = ZerosInside.asWished(root, wishes, Feature.ZERO_IN_ROOT, random);
            if (wished.isEmpty()) {
                return Optional.empty();
            }
            root = wished.get();
        }
        BigInteger left = perfect ? BigInteger.ZERO
                : BigIntegers.between(BigInteger.ONE, root.shiftLeft(1), random);
        Numeral radicand = Numeral.of(root.pow(2).add(left));
        return radicand.length() == length ? Optional.of(new SquareRoot(radicand, places)) : Optional.empty();
    }
}
