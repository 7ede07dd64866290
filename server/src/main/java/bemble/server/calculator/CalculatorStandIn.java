package bemble.server.calculator;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Stands in for the pocket calculator of a classroom: ten digits, cut off, nothing but the result. */
final class CalculatorStandIn {
    private static final int DISPLAY = 10;
    private static final MathContext INSIDE = new MathContext(100, RoundingMode.DOWN);

    private CalculatorStandIn() {}

    /** What the display shows; a number too large for it, in full all the same. */
    static String display(Problem problem) {
        BigDecimal first = problem.operands().get(0).value();
        BigDecimal result = switch (problem.operation()) {
            case ADDITION -> problem.operands().stream().map(Numeral::value).reduce(BigDecimal.ZERO, BigDecimal::add);
            case SUBTRACTION -> first.subtract(problem.operands().get(1).value());
            case MULTIPLICATION -> first.multiply(problem.operands().get(1).value());
            case DIVISION -> first.divide(problem.operands().get(1).value(), INSIDE);
            case SQUARE_ROOT -> first.sqrt(INSIDE);
        };
        int whole = Math.max(1, result.precision() - result.scale());
        BigDecimal shown = result.setScale(Math.min(Math.max(0, DISPLAY - whole), Math.max(0, result.scale())),
                RoundingMode.DOWN).stripTrailingZeros();
        return shown.setScale(Math.max(0, shown.scale())).toPlainString();
    }
}
