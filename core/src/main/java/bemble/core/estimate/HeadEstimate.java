package bemble.core.estimate;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * About how much comes out, with numbers that a head would choose. The right answer is never outside of what is said: a value that
 * is said is within a fifth of it, and where there is none so near, a first digit and the next one stand on either side.
 *
 * @param worked what is worked in the head, such as {@code 350 × 200 = 70000}
 * @param low no answer is less
 * @param high no answer is more
 * @param value what is said, in a teacher's words: “about 70000”, or “between 100 and 200”
 */
public record HeadEstimate(String worked, BigDecimal low, BigDecimal high, String value) {
    private static final BigDecimal FIFTH = new BigDecimal("0.2");
    /** A product of rounded numbers may be so far off, as a part of it. */
    private static final BigDecimal EIGHTH = new BigDecimal("0.125");
    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    /** Numbers with more digits than this, before their zeros, are not held in the head. */
    private static final int MOST_DIGITS = 3;
    /** A number that is not rounded may have so many. */
    private static final int MOST_OF_A_FACTOR = 2;

    /** Nothing where an estimate tells no more than the work itself, or would be as hard. */
    public static Optional<HeadEstimate> of(Problem problem, HouseStyle style) {
        List<BigDecimal> numbers = problem.operands().stream().map(Numeral::value).toList();
        return switch (problem.operation()) {
            case ADDITION, SUBTRACTION -> sum(problem, numbers, style);
            case MULTIPLICATION -> product(numbers.get(0), numbers.get(1), style);
            case DIVISION -> quotient(numbers.get(0), numbers.get(1), style);
            case SQUARE_ROOT -> root(numbers.get(0), style);
        };
    }

    /** Whether an answer is where it was said to be. */
    public boolean fits(BigDecimal answer) {
        return low.compareTo(answer) <= 0 && answer.compareTo(high) <= 0;
    }

    /** What is to be expected, as a sentence. */
    public String expected() {
        return Words.capital(value) + " is to be expected.";
    }

    /** What is said before the work. */
    public String before() {
        return "First about how much: " + worked + ", so " + value + ".";
    }

    /** What is said when the answer is there. */
    public String after(String answer) {
        return Words.capital(value) + " was expected: " + answer + " fits.";
    }

    /** All rounded to the same place, the highest with which what is lost is surely small beside what comes out. */
    private static Optional<HeadEstimate> sum(Problem problem, List<BigDecimal> numbers, HouseStyle style) {
        int highest = problem.operands().stream().mapToInt(Numeral::highest).max().orElseThrow();
        for (int place = highest; place > 0; place--) {
            BigDecimal unit = BigDecimal.ONE.scaleByPowerOfTen(place);
            List<BigDecimal> rounded = numbers.stream()
                    .map(number -> number.divide(unit, 0, RoundingMode.HALF_UP).multiply(unit)).toList();
            BigDecimal about = rounded.stream().skip(1).reduce(rounded.get(0),
                    problem instanceof Problem.Subtraction ? BigDecimal::subtract : BigDecimal::add);
            long changed = IntStream.range(0, numbers.size())
                    .filter(i -> numbers.get(i).compareTo(rounded.get(i)) != 0).count();
            BigDecimal off = unit.multiply(HALF).multiply(BigDecimal.valueOf(changed));
            if (changed > 0 && off.compareTo(about.subtract(off).multiply(FIFTH)) <= 0) {
                List<BigDecimal> kept = rounded.stream().filter(number -> number.signum() != 0).toList();
                if (kept.size() < 2 || kept.stream().anyMatch(number -> digits(number) > MOST_DIGITS)) {
                    return Optional.empty();
                }
                return Optional.of(new HeadEstimate(
                        kept.stream().map(number -> text(number, style))
                                .collect(Collectors.joining(" " + problem.operation().sign() + " ")) + " = "
                                + text(about, style),
                        about.subtract(off), about.add(off), "about " + text(about, style)));
            }
        }
        return Optional.empty();
    }

    /** Both rounded to a first digit, or to a half behind it where that is too far off; else between two tens of one of them. */
    private static Optional<HeadEstimate> product(BigDecimal one, BigDecimal other, HouseStyle style) {
        if (one.signum() == 0 || other.signum() == 0) {
            return Optional.empty();
        }
        BigDecimal exact = one.multiply(other);
        for (boolean halfOther : new boolean[] {false, true}) {
            for (boolean halfOne : new boolean[] {false, true}) {
                BigDecimal first = rounded(one, halfOne);
                BigDecimal second = rounded(other, halfOther);
                BigDecimal about = first.multiply(second);
                BigDecimal off = about.subtract(exact).abs();
                boolean same = first.compareTo(one) == 0 && second.compareTo(other) == 0;
                if (!same && off.compareTo(exact.multiply(EIGHTH)) <= 0) {
                    BigDecimal most = about.multiply(FIFTH);
                    return Optional.of(new HeadEstimate(text(first, style) + " × " + text(second, style) + " = "
                            + text(about, style), about.subtract(most), about.add(most),
                            "about " + text(about, style)));
                }
            }
        }
        BigDecimal low = one.round(new MathContext(1, RoundingMode.DOWN));
        BigDecimal high = low.add(unit(one));
        return low.compareTo(one) == 0 || digits(other) > MOST_OF_A_FACTOR ? Optional.empty()
                : Optional.of(between(text(low, style) + " × " + text(other, style) + " = "
                        + text(low.multiply(other), style) + " and " + text(high, style) + " × " + text(other, style)
                        + " = " + text(high.multiply(other), style), low.multiply(other), high.multiply(other), style));
    }

    /** The first digit of the quotient and the next. */
    private static Optional<HeadEstimate> quotient(BigDecimal dividend, BigDecimal divisor, HouseStyle style) {
        BigDecimal low = dividend.divide(divisor, new MathContext(1, RoundingMode.DOWN));
        BigDecimal high = low.add(unit(low));
        return low.compareTo(BigDecimal.TEN) < 0 || low.multiply(divisor).compareTo(dividend) == 0
                || digits(divisor) > MOST_OF_A_FACTOR ? Optional.empty()
                        : Optional.of(between(
                                text(low.multiply(divisor), style) + " ÷ " + text(divisor, style) + " = "
                                        + text(low, style)
                                        + " and " + text(high.multiply(divisor), style) + " ÷ " + text(divisor, style)
                                        + " = "
                                        + text(high, style),
                                low, high, style));
    }

    private static Optional<HeadEstimate> root(BigDecimal radicand, HouseStyle style) {
        BigInteger whole = radicand.toBigInteger().sqrt();
        if (whole.compareTo(BigInteger.TEN) < 0) {
            return Optional.empty();
        }
        BigDecimal low = new BigDecimal(whole).round(new MathContext(1, RoundingMode.DOWN));
        BigDecimal high = low.add(unit(low));
        return low.multiply(low).compareTo(radicand) == 0 ? Optional.empty()
                : Optional.of(between(squared(low, style) + " and " + squared(high, style), low, high, style));
    }

    private static String squared(BigDecimal number, HouseStyle style) {
        return text(number, style) + " × " + text(number, style) + " = " + text(number.multiply(number), style);
    }

    private static HeadEstimate between(String worked, BigDecimal low, BigDecimal high, HouseStyle style) {
        return new HeadEstimate(worked, low, high, "between " + text(low, style) + " and " + text(high, style));
    }

    /** To the leading digit, or to the nearest half of its place. */
    private static BigDecimal rounded(BigDecimal number, boolean half) {
        return half ? number.multiply(TWO).divide(unit(number), 0, RoundingMode.HALF_UP).multiply(unit(number))
                .divide(TWO) : number.round(new MathContext(1, RoundingMode.HALF_UP));
    }

    /** One of the place of a number's leading digit. */
    private static BigDecimal unit(BigDecimal number) {
        return BigDecimal.ONE.scaleByPowerOfTen(number.precision() - number.scale() - 1);
    }

    /** How many digits stand before the zeros at the end. */
    private static int digits(BigDecimal number) {
        return number.stripTrailingZeros().precision();
    }

    private static String text(BigDecimal number, HouseStyle style) {
        return style.number(Estimate.numeral(number));
    }
}
