package bemble.core.division;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.division.digits.Goes;
import bemble.core.division.digits.LongDivision;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.Times;
import bemble.core.style.HouseStyle;
import java.math.BigInteger;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Facts of the tables that somebody has wrong each time they come in a division: a product, such as 8 × 7 = 54, which is then
 * looked for in the list of multiples; or a quotient, such as 7 into 56 goes 9 times, after which nothing of the 56 is left.
 */
final class KnownWrongly {
    private static final int[] BESIDE = {1, -1, 2, -2};
    private static final int TEN = 10;

    private KnownWrongly() {}

    /** A hand for which so many times the divisor is so much more, or less, than it is. */
    static Slip product(int divisor, int times, int by) {
        return at(Goes.class, (q, hand) -> is(q.divisor(), divisor) ? goes(q, divisor, times, by) : null)
                .and(at(Times.class, (q, hand) -> is(q.divisor(), divisor) && q.digit() == times
                        ? BigInteger.valueOf((long) divisor * times + by) : null));
    }

    /** The largest digit whose multiple, as it is known, does not go beyond what is shared; null where the careful one is that. */
    private static @Nullable Integer goes(Goes q, int divisor, int times, int by) {
        Integer careful = q.careful();
        for (int digit = TEN - 1; careful != null && digit > 0; digit--) {
            int multiple = divisor * digit + (digit == times ? by : 0);
            if (multiple <= q.partial().intValueExact()) {
                return digit == careful ? null : (Integer) digit;
            }
        }
        return careful == null || careful == 0 ? null : (Integer) 0;
    }

    /** A hand for which the divisor goes so many times more, or less, where it goes so many times. */
    static Slip quotient(int divisor, int times, int by) {
        return base -> {
            boolean[] missed = new boolean[1];
            return at(Goes.class, (Goes q, Hand hand) -> {
                missed[0] = is(q.divisor(), divisor) && q.careful() != null && q.careful() == times;
                return missed[0] ? times + by : null;
            }).and(at(Times.class, (Times q, Hand hand) -> missed[0] ? BigInteger.valueOf((long) divisor * times)
                    : null)).over(base);
        };
    }

    private static boolean is(BigInteger divisor, int other) {
        return divisor.equals(BigInteger.valueOf(other));
    }

    /** Those that can show in a problem with a divisor of one digit, under what is taken for right. */
    static Map<String, Slip> facts(Problem problem) {
        Map<String, Slip> facts = new LinkedHashMap<>();
        Numeral divisor = problem.operands().get(1);
        if (divisor.length() > 1 || divisor.digit(0) < 2) {
            return facts;
        }
        for (int times : digits(problem)) {
            put(facts, divisor.digit(0), times);
        }
        return facts;
    }

    private static void put(Map<String, Slip> facts, int divisor, int times) {
        int product = divisor * times;
        for (int wrong : new int[] {product - 1, product + 1, product - 2, product + 2, product - TEN, product + TEN,
            product - divisor, product + divisor, product - times, product + times}) {
            if (wrong > 0) {
                facts.put(Math.min(divisor, times) + "x" + Math.max(divisor, times) + "=" + wrong,
                        product(divisor, times, wrong - product));
            }
        }
        for (int by : BESIDE) {
            if (times + by > 0 && times + by < TEN) {
                facts.put(product + "/" + divisor + "=" + (times + by), quotient(divisor, times, by));
            }
        }
    }

    /** The digits of the quotient, and the next, of which one sees that it is too much. */
    private static Set<Integer> digits(Problem problem) {
        Set<Integer> digits = new TreeSet<>();
        Written.asFarAs(Hand.CAREFUL, problem, new LongDivision(), HouseStyle.USUAL, false).decisions()
                .forEach(decision -> {
                    if (decision.asked() instanceof Goes && decision.decided() instanceof Integer digit) {
                        IntStream.of(digit, digit + 1).filter(each -> each > 1 && each < TEN).forEach(digits::add);
                    }
                });
        return digits;
    }
}
