package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Builds long multiplications: draws the digits, the zeros of the lower number as wished, then changes one digit after
 * the other as long as that brings the carries no further from the wish.
 */
final class MultiplicationGrower implements Grower {
    private static final int CHANGES = 3000;
    /** The larger the numbers the fewer changes and attempts, so that all of them stay quick. */
    private static final int CHANGES_TIMES_PRODUCTS = 2_000_000;
    private static final int ATTEMPTS_TIMES_PRODUCTS = 48_000;

    private final Wishes wishes;
    private final Wish carries;
    private final List<Lengths> possible = new ArrayList<>();

    private record Lengths(int top, int bottom) {}

    MultiplicationGrower(Wishes wishes) {
        this.wishes = wishes;
        this.carries = wishes.or(Feature.CARRIES, 0, Feature.CARRIES.most());
        Wish tops = wishes.or(Feature.TOP_DIGITS, 2, 3);
        Wish bottoms = wishes.or(Feature.BOTTOM_DIGITS, 1, 2);
        for (int top = tops.min(); top <= tops.max(); top++) {
            for (int bottom = bottoms.min(); bottom <= Math.min(top, bottoms.max()); bottom++) {
                boolean mustHaveZero = !wishes.allows(Feature.ZERO_IN_BOTTOM, false);
                int most = top * (mustHaveZero ? bottom - 1 : bottom);
                if (carries.min() <= most && !(mustHaveZero && bottom == 1)) {
                    possible.add(new Lengths(top, bottom));
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
        int[] top = random.ints(lengths.top(), 0, 10).toArray();
        int[] bottom = random.ints(lengths.bottom(), 0, 10).toArray();
        top[0] = 1 + random.nextInt(9);
        bottom[0] = firstOfBottom(lengths, random);
        zeros(bottom, random);
        int off = off(top, bottom);
        int changes = Math.min(CHANGES, CHANGES_TIMES_PRODUCTS / (lengths.top() * lengths.bottom()));
        for (int i = 0; i < changes && off > 0; i++) {
            boolean above = random.nextInt(lengths.top() + lengths.bottom()) < lengths.top();
            int[] number = above ? top : bottom;
            int at = random.nextInt(number.length);
            int before = number[at];
            number[at] = at > 0 ? random.nextInt(10) : above ? 1 + random.nextInt(9) : firstOfBottom(lengths, random);
            boolean zerosAsWished = above || at == 0 || (number[at] == 0) == (before == 0);
            int now = zerosAsWished ? off(top, bottom) : Integer.MAX_VALUE;
            if (now <= off) {
                off = now;
            } else {
                number[at] = before;
            }
        }
        return off > 0 ? Optional.empty() : Optional.of(new Multiplication(number(top), number(bottom)));
    }

    @Override
    public int patience() {
        int most = possible.stream().mapToInt(lengths -> lengths.top() * lengths.bottom()).max().orElse(1);
        return Math.max(20, Math.min(Grower.super.patience(), ATTEMPTS_TIMES_PRODUCTS / most));
    }

    /** Times 1 teaches nothing where it is the whole multiplier. */
    private static int firstOfBottom(Lengths lengths, Random random) {
        return lengths.bottom() == 1 ? 2 + random.nextInt(8) : 1 + random.nextInt(9);
    }

    private void zeros(int[] bottom, Random random) {
        if (!wishes.allows(Feature.ZERO_IN_BOTTOM, true)) {
            for (int i = 1; i < bottom.length; i++) {
                bottom[i] = bottom[i] == 0 ? 1 + random.nextInt(9) : bottom[i];
            }
        } else if (!wishes.allows(Feature.ZERO_IN_BOTTOM, false)) {
            bottom[1 + random.nextInt(bottom.length - 1)] = 0;
        }
    }

    /** How many carries there are too few or too many; more than any where the larger number is not on top. */
    private int off(int[] top, int[] bottom) {
        if (top.length == bottom.length && number(top).compareTo(number(bottom)) < 0) {
            return off(bottom, top) + 1;
        }
        int count = 0;
        for (int digit : bottom) {
            int carry = 0;
            for (int place = top.length - 1; place >= 0; place--) {
                carry = (digit * top[place] + carry) / 10;
                count += carry > 0 ? 1 : 0;
            }
        }
        return Math.max(0, Math.max(carries.min() - count, count - carries.max()));
    }

    private static Numeral number(int[] digits) {
        StringBuilder text = new StringBuilder();
        for (int digit : digits) {
            text.append(digit);
        }
        return Numeral.of(text.toString());
    }
}
