package bemble.core.writing;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem.Division;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;

/** The lengths of what is given, which anybody sees; all problems of a shape are written over the same squares. */
final class WidestProblem {
    private WidestProblem() {}

    /** The problem of the same shape whose working is the widest and the longest. */
    static Problem widest(Problem problem) {
        if (problem instanceof Addition addition) {
            return new Addition(addition.addends().stream().map(WidestProblem::nines).toList());
        }
        if (problem instanceof Subtraction subtraction) {
            // Up from 111 to 999 there is a jump at every place.
            return new Subtraction(nines(subtraction.minuend()), filled(subtraction.subtrahend(), "1", "1"));
        }
        if (problem instanceof Multiplication multiplication) {
            return new Multiplication(nines(multiplication.multiplicand()), nines(multiplication.multiplier()));
        }
        if (problem instanceof Division division) {
            // 9999 ÷ 50 has a digit in every place, products one longer than the divisor, and a remainder as long as it.
            return new Division(nines(division.dividend()), filled(division.divisor(), "5", "0"));
        }
        SquareRoot root = (SquareRoot) problem;
        return new SquareRoot(nines(root.radicand()), root.decimals());
    }

    private static Numeral nines(Numeral number) {
        return filled(number, "9", "9");
    }

    private static Numeral filled(Numeral number, String first, String others) {
        return Numeral.ofDigits(first + others.repeat(number.length() - 1), number.decimals());
    }
}
