package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.problem.Problem;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Builds divisions backwards: the divisor, the quotient with its zeros as wished, and what is left over. */
final class DivisionGrower implements Grower {
    private final Wishes wishes;
    private final List<Lengths> possible = new ArrayList<>();

    private record Lengths(int dividend, int divisor) {}

    DivisionGrower(Wishes wishes) {
        this.wishes = wishes;
        Wish dividends = wishes.or(Feature.DIVIDEND_DIGITS, 2, 4);
        Wish divisors = wishes.or(Feature.DIVISOR_DIGITS, 1, 2);
        boolean needsZero = !wishes.allows(Feature.ZERO_IN_QUOTIENT, false);
        for (int dividend = dividends.min(); dividend <= dividends.max(); dividend++) {
            for (int divisor = divisors.min(); divisor <= Math.min(dividend, divisors.max()); divisor++) {
                // A quotient with a 0 after its first digit has two digits at least.
                if (!needsZero || dividend > divisor) {
                    possible.add(new Lengths(dividend, divisor));
                }
            }
        }
    }

    @Override
    public boolean isPossible() {
        return !possible.isEmpty();
    }

    @Override
    public Optional<Problem> grow(Random random) {
        Lengths lengths = possible.get(random.nextInt(possible.size()));
        BigInteger divisor = BigIntegers.between(BigIntegers.least(lengths.divisor()).max(BigInteger.TWO),
                BigIntegers.most(lengths.divisor()), random);
        boolean left = wishes.allows(Feature.REMAINDER, true)
                && (random.nextBoolean() || !wishes.allows(Feature.REMAINDER, false));
        BigInteger remainder = left
                ? BigIntegers.between(BigInteger.ONE, divisor.subtract(BigInteger.ONE), random) : BigInteger.ZERO;
        BigInteger least = BigIntegers.least(lengths.dividend()).subtract(remainder).add(divisor)
                .subtract(BigInteger.ONE).divide(divisor).max(BigInteger.ONE);
        BigInteger most = BigIntegers.most(lengths.dividend()).subtract(remainder).divide(divisor);
        if (least.compareTo(most) > 0) {
            return Optional.empty();
        }
        return ZerosInside.asWished(BigIntegers.between(least, most, random), wishes, Feature.ZERO_IN_QUOTIENT, random)
                .filter(quotient -> quotient.compareTo(least) >= 0 && quotient.compareTo(most) <= 0)
                .map(quotient -> new Division(Numeral.of(quotient.multiply(divisor).add(remainder)),
                        Numeral.of(divisor)));
    }
}
