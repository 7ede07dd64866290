package bemble.core.estimate;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

/**
 * About how much comes out, from rounded numbers.
 *
 * @param statement the rounded problem with its result, such as {@code 5000 − 1000 = 4000}
 * @param value the result, in plain digits
 * @param fewestDigits how many digits the whole part of the answer has at least
 * @param mostDigits how many it has at most
 */
public record Estimate(String statement, String value, int fewestDigits, int mostDigits) {
    /** An own estimate within this part of the answer is near enough. */
    private static final BigDecimal NEAR = new BigDecimal("0.25");

    /**
     * Estimates a problem.
     *
     * @param keptDigits how many leading digits of each number are kept when it is rounded
     */
    public static Estimate of(Problem problem, int keptDigits, HouseStyle style) {
        List<BigDecimal> about = rounded(problem, keptDigits);
        BigDecimal value = result(problem, about, keptDigits);
        String rounded = String.join(" " + problem.operation().sign() + " ",
                about.stream().map(number -> text(number, style)).toList());
        boolean root = problem instanceof Problem.SquareRoot;
        Digits digits = Digits.of(problem);
        return new Estimate((root ? "√" : "") + rounded + (root || problem instanceof Problem.Division ? " ≈ " : " = ")
                + text(value, style), plain(value), digits.fewest(), digits.most());
    }

    private static MathContext kept(int digits) {
        return new MathContext(digits, RoundingMode.HALF_UP);
    }

    private static List<BigDecimal> rounded(Problem problem, int keptDigits) {
        return problem.operands().stream().map(number -> number.value().round(kept(keptDigits))).toList();
    }

    private static BigDecimal result(Problem problem, List<BigDecimal> about, int keptDigits) {
        return switch (problem.operation()) {
            case ADDITION -> about.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            case SUBTRACTION -> about.get(0).subtract(about.get(1));
            case MULTIPLICATION -> about.get(0).multiply(about.get(1));
            case DIVISION -> about.get(0).divide(about.get(1), kept(keptDigits)).setScale(0, RoundingMode.HALF_UP);
            case SQUARE_ROOT -> about.get(0).sqrt(kept(keptDigits));
        };
    }

    /** Holds a teacher's own estimate against the answer to a problem, in a sentence. */
    public static String against(Problem problem, Numeral own, Numeral answer, HouseStyle style) {
        BigDecimal apart = own.value().subtract(answer.value()).abs();
        boolean near = apart.compareTo(answer.value().multiply(NEAR)) <= 0
                || HeadEstimate.of(problem, style).filter(head -> head.fits(own.value())).isPresent();
        return "The estimate was " + style.number(own) + ", the answer is " + style.number(answer) + ": "
                + (near ? "they are near each other." : "they are far apart. Look again, one of the two may be off.");
    }

    private static String text(BigDecimal number, HouseStyle style) {
        return style.number(numeral(number));
    }

    static Numeral numeral(BigDecimal number) {
        return Numeral.of(plain(number));
    }

    private static String plain(BigDecimal number) {
        BigDecimal stripped = number.stripTrailingZeros();
        return stripped.setScale(Math.max(0, stripped.scale())).toPlainString();
    }
}
