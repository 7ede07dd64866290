package bemble.core.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The numbers that everything is written with, held against the big numbers of the JDK. */
class NumeralTest {
    private static final int ROUNDS = 5000;
    private static final long SEED = 24;

    @ParameterizedTest
    @CsvSource({"007, 7", "0, 0", "000, 0", "0.50, 0.50", "00.5, 0.5", "20.50, 20.50", ".5, 0.5"})
    void zerosInFrontFallAwayAndThoseBehindThePointStay(String typed, String plain) {
        assertThat(Numeral.of(typed).plain()).isEqualTo(plain).isEqualTo(Numeral.of(typed).toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", ".", "-7", "1e3", "1 000", "٣", "1.2.3", "½"})
    void whatIsNoNumberIsRefused(String text) {
        assertThatThrownBy(() -> Numeral.of(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void placesDigitsAndValueBelongTogether() {
        RandomGenerator random = RandomNumbers.seeded(SEED);
        for (int i = 0; i < ROUNDS; i++) {
            Numeral number = RandomNumbers.decimal(random, 40);
            BigDecimal value = new BigDecimal(number.plain());
            assertThat(number.value()).isEqualTo(value);
            assertThat(number.length()).as(number.plain()).isEqualTo(number.highest() - number.lowest() + 1)
                    .isEqualTo(number.digits().length());
            BigDecimal sum = BigDecimal.ZERO;
            for (int place = number.highest() + 2; place >= number.lowest() - 2; place--) {
                assertThat(number.has(place)).isEqualTo(place <= number.highest() && place >= number.lowest());
                sum = sum.add(BigDecimal.valueOf(number.digit(place)).scaleByPowerOfTen(place));
            }
            assertThat(sum).as(number.plain()).isEqualByComparingTo(value);
            assertThat(number.isWhole()).isEqualTo(number.decimals() == 0).isEqualTo(number.lowest() == 0);
            assertThat(number.isZero()).isEqualTo(value.signum() == 0);
            assertThat(number.wholeValue()).isEqualTo(value.unscaledValue());
        }
    }

    @Test
    void theSameNumberWrittenOtherwiseIsAsLargeAndNotEqual() {
        RandomGenerator random = RandomNumbers.seeded(SEED + 1);
        for (int i = 0; i < ROUNDS; i++) {
            Numeral number = RandomNumbers.decimal(random, 12);
            int decimals = random.nextInt(8);
            Numeral padded = number.padded(decimals);
            assertThat(padded.compareTo(number)).isZero();
            assertThat(padded.decimals()).isEqualTo(Math.max(number.decimals(), decimals));
            assertThat(padded.equals(number)).isEqualTo(decimals <= number.decimals());
            Numeral again = Numeral.ofDigits(number.digits(), number.decimals());
            assertThat(again).isEqualTo(number).hasSameHashCodeAs(number);
            assertThat(number.withPoint(decimals).value()).isEqualByComparingTo(
                    new BigDecimal(number.wholeValue(), decimals));
            Numeral other = RandomNumbers.decimal(random, 12);
            assertThat(number.compareTo(other)).isEqualTo(number.value().compareTo(other.value()));
        }
        assertThat(Numeral.of("7")).isNotEqualTo("7").isNotEqualTo(null);
        assertThat(Numeral.of(BigInteger.TEN.pow(30)).length()).isEqualTo(31);
    }

    @Test
    void whatAProblemWritesIsReadAsTheSameProblem() {
        RandomGenerator random = RandomNumbers.seeded(SEED + 2);
        for (int i = 0; i < ROUNDS; i++) {
            Numeral one = RandomNumbers.decimal(random, 20);
            Numeral other = RandomNumbers.decimal(random, 20);
            boolean inOrder = one.compareTo(other) >= 0;
            Problem problem = switch (random.nextInt(5)) {
                case 0 -> new Problem.Addition(List.of(one, other, one));
                case 1 -> new Problem.Subtraction(inOrder ? one : other, inOrder ? other : one);
                case 2 -> new Problem.Multiplication(one.withPoint(0), other.withPoint(0));
                case 3 -> new Problem.Division(one.withPoint(0), other.isZero() ? Numeral.of("3") : other.withPoint(0));
                default -> new Problem.SquareRoot(one, random.nextInt(4));
            };
            assertThat(ProblemText.kept(problem.text())).isEqualTo(problem).hasSameHashCodeAs(problem);
            for (Punctuation punctuation : Punctuation.values()) {
                assertThat(ProblemText.read(punctuation.write(problem), 0, punctuation)).as(problem.text())
                        .isEqualTo(problem);
            }
        }
    }
}
