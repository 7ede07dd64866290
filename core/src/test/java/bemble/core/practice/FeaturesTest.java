package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Division;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Features of random problems, held against what follows from the whole numbers alone; and how evenly they are drawn. */
@Tag("slow")
class FeaturesTest {
    private static final BigInteger TEN = BigInteger.TEN;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void carriesAreWhereTheShortenedNumbersOverflow(long seed) {
        RandomGenerator random = RandomNumbers.seeded(seed);
        for (int i = 0; i < 400; i++) {
            List<Numeral> addends = new ArrayList<>();
            for (int n = 2 + random.nextInt(5); n > 0; n--) {
                addends.add(RandomNumbers.whole(random, 12));
            }
            Features features = Features.of(new Addition(addends));
            int longest = addends.stream().mapToInt(Numeral::length).max().orElseThrow();
            int carries = 0;
            int run = 0;
            int chain = 0;
            for (int place = 1; place <= longest; place++) {
                BigInteger power = TEN.pow(place);
                boolean overflows = addends.stream().map(number -> number.wholeValue().mod(power))
                        .reduce(BigInteger.ZERO, BigInteger::add).compareTo(power) >= 0;
                run = overflows ? run + 1 : 0;
                chain = Math.max(chain, run);
                carries += overflows ? 1 : 0;
            }
            BigInteger sum = addends.stream().map(Numeral::wholeValue).reduce(BigInteger.ZERO, BigInteger::add);
            String what = "%s, seed %s".formatted(addends, seed);
            assertThat(features.count(Feature.CARRIES)).as(what).isEqualTo(carries);
            assertThat(features.count(Feature.CHAIN)).as(what).isEqualTo(chain);
            assertThat(features.count(Feature.NEW_PLACE) == 1).as(what).isEqualTo(sum.compareTo(TEN.pow(longest)) >= 0);
            assertThat(features.count(Feature.ADDENDS)).isEqualTo(addends.size());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 5, 6})
    void exchangesAreWhereTheShortenedMinuendIsTheSmaller(long seed) {
        RandomGenerator random = RandomNumbers.seeded(seed);
        for (int i = 0; i < 400; i++) {
            Numeral one = RandomNumbers.whole(random, 12);
            Numeral other = RandomNumbers.whole(random, 12);
            Numeral minuend = one.compareTo(other) >= 0 ? one : other;
            Numeral subtrahend = minuend == one ? other : one;
            Features features = Features.of(new Subtraction(minuend, subtrahend));
            int exchanges = 0;
            int passed = 0;
            int across = 0;
            boolean owed = false;
            for (int place = 1; place <= minuend.length(); place++) {
                BigInteger power = TEN.pow(place);
                boolean smaller = minuend.wholeValue().mod(power).compareTo(subtrahend.wholeValue().mod(power)) < 0;
                boolean passes = owed && minuend.digit(place - 1) == 0;
                passed = passes ? passed + 1 : 0;
                across = Math.max(across, passed);
                exchanges += smaller && !passes ? 1 : 0;
                owed = smaller;
            }
            String what = "%s − %s, seed %s".formatted(minuend, subtrahend, seed);
            assertThat(features.count(Feature.EXCHANGES)).as(what).isEqualTo(exchanges);
            assertThat(features.count(Feature.ACROSS_ZEROS)).as(what).isEqualTo(across);
        }
    }

    @Test
    void carriesInsideRowsAreThoseOfOneDigitTimesTheWhole() {
        RandomGenerator random = RandomNumbers.seeded(7);
        for (int i = 0; i < 300; i++) {
            Numeral one = RandomNumbers.whole(random, 7);
            Numeral other = RandomNumbers.whole(random, 5);
            Numeral top = one.compareTo(other) >= 0 ? one : other;
            Numeral bottom = top == one ? other : one;
            Features features = Features.of(new Multiplication(one, other));
            int carries = 0;
            for (int row = 0; row < bottom.length(); row++) {
                for (int place = 1; place <= top.length(); place++) {
                    BigInteger shortened = top.wholeValue().mod(TEN.pow(place));
                    carries += shortened.multiply(BigInteger.valueOf(bottom.digit(row))).compareTo(TEN.pow(place)) >= 0
                            ? 1 : 0;
                }
            }
            String what = one + " × " + other;
            assertThat(features.count(Feature.CARRIES)).as(what).isEqualTo(carries);
            assertThat(features.count(Feature.ZERO_IN_BOTTOM) == 1).as(what).isEqualTo(bottom.digits().contains("0"));
            assertThat(features.count(Feature.TOP_DIGITS)).as(what).isEqualTo(top.length());
        }
    }

    @Test
    void zerosInQuotientsAndRootsAreThoseOfTheResult() {
        RandomGenerator random = RandomNumbers.seeded(8);
        for (int i = 0; i < 300; i++) {
            Numeral dividend = RandomNumbers.whole(random, 10);
            Numeral divisor = Numeral.of("" + (1 + random.nextInt(999)));
            Features shared = Features.of(new Division(dividend, divisor));
            BigInteger[] parts = dividend.wholeValue().divideAndRemainder(divisor.wholeValue());
            String what = dividend + " ÷ " + divisor;
            assertThat(shared.count(Feature.REMAINDER) == 1).as(what).isEqualTo(parts[1].signum() > 0);
            assertThat(shared.count(Feature.ZERO_IN_QUOTIENT) == 1).as(what)
                    .isEqualTo(parts[0].toString().substring(1).contains("0"));

            int decimals = random.nextInt(4);
            Features root = Features.of(new SquareRoot(dividend, decimals));
            BigInteger[] exact = dividend.wholeValue().sqrtAndRemainder();
            boolean perfect = exact[1].signum() == 0;
            String digits =
                    (perfect ? exact[0] : dividend.wholeValue().multiply(TEN.pow(2 * decimals)).sqrt()).toString();
            // A root below 1 cannot be: the radicand is whole. A root of 0 is one digit.
            assertThat(root.count(Feature.PERFECT) == 1).as("√" + dividend).isEqualTo(perfect);
            assertThat(root.count(Feature.ZERO_IN_ROOT) == 1).as("√%s to %s dp", dividend, decimals)
                    .isEqualTo(digits.substring(1).contains("0"));
        }
    }

    /** All 2-digit sums with one carry and no new place are drawn, and none of them much more often than another. */
    @Test
    void everyProblemThatMeetsTheWishesIsAsLikelyAsAnother() {
        Wishes wishes = new Wishes(Operation.ADDITION, Map.of(Feature.DIGITS, Wish.exactly(2), Feature.CARRIES,
                Wish.exactly(1), Feature.NEW_PLACE, Wish.of(false)));
        Set<String> possible = new HashSet<>();
        for (int a = 10; a <= 99; a++) {
            for (int b = 10; b <= 99; b++) {
                if (a % 10 + b % 10 > 9 && a + b < 100) {
                    possible.add(a + " + " + b);
                }
            }
        }
        Map<String, Integer> drawn = new HashMap<>();
        int each = 20;
        for (int seed = 0; seed < possible.size() * each / 100; seed++) {
            new Draft(wishes, seed).draw(100)
                    .forEach(question -> drawn.merge(question.problem().text(), 1, Integer::sum));
        }
        assertThat(drawn.keySet()).isEqualTo(possible);
        assertThat(drawn.values()).allMatch(times -> times > each / 4 && times < each * 3);
    }

    @Test
    void subtractionsAreSpreadOverAllThatMeetTheWishes() {
        Wishes wishes = new Wishes(Operation.SUBTRACTION, Map.of(Feature.DIGITS, Wish.exactly(2),
                Feature.SUBTRAHEND_DIGITS, Wish.exactly(1), Feature.EXCHANGES, Wish.exactly(1)));
        Set<String> possible = new HashSet<>();
        for (int a = 10; a <= 99; a++) {
            for (int b = 1; b <= 9; b++) {
                if (a % 10 < b) {
                    possible.add(a + " − " + b);
                }
            }
        }
        Set<String> drawn = new HashSet<>();
        for (int seed = 0; seed < 60; seed++) {
            new Draft(wishes, seed).draw(100).forEach(question -> drawn.add(question.problem().text()));
        }
        assertThat(drawn).isEqualTo(possible);
    }

    @Test
    void figuresAreThoseAHandHasToWrite() {
        assertThat(figures(new Addition(List.of(Numeral.of("58"), Numeral.of("67"))))).as("1 carried, 125")
                .isEqualTo(4);
        assertThat(figures(new Subtraction(Numeral.of("48"), Numeral.of("17")))).as("31").isEqualTo(2);
        assertThat(figures(new Subtraction(Numeral.of("42"), Numeral.of("17")))).as("3, a small 1, 25").isEqualTo(4);
    }

    private static int figures(Problem problem) {
        return FeaturedProblem.of(problem).features().figures();
    }
}
