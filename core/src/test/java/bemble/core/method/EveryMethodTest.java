package bemble.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.RecordInvariants;
import bemble.core.given.SheetReader;
import bemble.core.given.Trials;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Division;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Random problems in random house styles, by every method and with every check, held against big numbers. */
public class EveryMethodTest {
    private static final int PROBLEMS = Trials.of(200);
    private static final int MOST_DIGITS = 14;

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void answersRecordsChecksAndPapersAgree(MethodName method) {
        long seed = 40L + method.ordinal();
        RandomGenerator random = RandomNumbers.seeded(seed);
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = problem(method.operation(), random, i % 25 == 0 ? 40 : MOST_DIGITS);
            HouseStyle style = RandomStyles.next(random);
            List<CheckKind> kinds = CheckKind.of(problem.operation());
            CheckKind kind = kinds.get(random.nextInt(kinds.size()));
            boolean undividable =
                    kind == CheckKind.DIVIDE_BACK && problem.operands().stream().allMatch(Numeral::isZero);
            Worked worked = Worked.from(new WorkOrder(problem, method.id(), style, undividable ? null : kind.id()));
            String what = method + " " + problem.text() + ", seed " + seed + ", " + style;

            assertThat(worked.answer().value()).as(what).isEqualTo(expected(problem));
            assertThat(worked.check().holds()).as(what).isTrue();
            assertRest(problem, worked);
            RecordInvariants.assertHold(problem, worked.answer(), worked.record());
            worked.check().workings().forEach(sum -> RecordInvariants.assertHold(
                    problemOf(sum.operation(), sum.operands()), sum.answer(), sum.record()));
            SheetReader paper = new SheetReader(worked);
            assertThat(paper.result(method)).as(what).isEqualTo(worked.answer().value());
            paper.assertNothingOverlaps();
            paper.assertExpectsWhatIsWritten();
        }
    }

    static Problem problemOf(Operation operation, List<String> operands) {
        List<Numeral> numbers = operands.stream().map(Numeral::of).toList();
        return switch (operation) {
            case ADDITION -> new Addition(numbers);
            case SUBTRACTION -> new Subtraction(numbers.get(0), numbers.get(1));
            case MULTIPLICATION -> new Multiplication(numbers.get(0), numbers.get(1));
            case DIVISION -> new Division(numbers.get(0), numbers.get(1));
            case SQUARE_ROOT -> new SquareRoot(numbers.get(0), 0);
        };
    }

    public static Problem problem(Operation operation, RandomGenerator random, int digits) {
        Numeral one = RandomNumbers.whole(random, digits);
        Numeral other = RandomNumbers.whole(random, digits);
        return switch (operation) {
            case ADDITION -> new Addition(Stream.generate(() -> RandomNumbers.decimal(random, digits))
                    .limit(2 + random.nextInt(4)).toList());
            case SUBTRACTION -> {
                Numeral a = RandomNumbers.decimal(random, digits);
                Numeral b = RandomNumbers.decimal(random, digits);
                yield a.compareTo(b) >= 0 ? new Subtraction(a, b) : new Subtraction(b, a);
            }
            case MULTIPLICATION -> new Multiplication(one, other);
            case DIVISION -> new Division(one, other.isZero() ? Numeral.of("7") : other);
            case SQUARE_ROOT -> new SquareRoot(random.nextInt(4) == 0
                    ? Numeral.of(one.wholeValue().multiply(one.wholeValue())).withPoint(2 * random.nextInt(2))
                    : RandomNumbers.decimal(random, digits), random.nextInt(6));
        };
    }

    private static String expected(Problem problem) {
        List<BigDecimal> numbers = problem.operands().stream().map(Numeral::value).toList();
        return switch (problem.operation()) {
            case ADDITION -> numbers.stream().reduce(BigDecimal::add).orElseThrow().toPlainString();
            case SUBTRACTION -> numbers.get(0).subtract(numbers.get(1)).toPlainString();
            case MULTIPLICATION -> numbers.get(0).multiply(numbers.get(1)).toPlainString();
            case DIVISION -> numbers.get(0).divideToIntegralValue(numbers.get(1)).toBigInteger().toString();
            case SQUARE_ROOT -> root(numbers.get(0), problem.decimals(), RoundingMode.DOWN);
        };
    }

    /** A root cut off or rounded; where it comes out exactly, without zeros at its end. */
    private static String root(BigDecimal radicand, int decimals, RoundingMode rounding) {
        BigDecimal root = radicand.sqrt(new MathContext(80, RoundingMode.DOWN));
        BigDecimal cut = root.setScale(decimals, RoundingMode.DOWN);
        if (cut.multiply(cut).compareTo(radicand) == 0) {
            BigDecimal plain = cut.stripTrailingZeros();
            return plain.setScale(Math.max(0, plain.scale())).toPlainString();
        }
        return root.setScale(decimals, rounding).toPlainString();
    }

    private static void assertRest(Problem problem, Worked worked) {
        if (problem instanceof Division division) {
            assertThat(new BigInteger(worked.answer().remainder())).isEqualTo(
                    division.dividend().wholeValue().mod(division.divisor().wholeValue()));
        }
        if (problem instanceof SquareRoot root) {
            BigDecimal value = new BigDecimal(worked.answer().value());
            assertThat(worked.answer().exact())
                    .isEqualTo(value.multiply(value).compareTo(root.radicand().value()) == 0);
            assertThat(worked.answer().rounded())
                    .isEqualTo(root(root.radicand().value(), root.decimals(), RoundingMode.HALF_UP));
        }
    }
}
