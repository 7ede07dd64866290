package bemble.core.estimate;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import java.math.BigInteger;

/** How many digits the whole part of an answer has, at least and at most. */
record Digits(int fewest, int most) {
    static Digits of(Problem problem) {
        Numeral first = problem.operands().get(0);
        Numeral last = problem.operands().get(problem.operands().size() - 1);
        return switch (problem.operation()) {
            case ADDITION -> addition(problem);
            case SUBTRACTION -> new Digits(1, whole(first));
            case MULTIPLICATION -> first.isZero() || last.isZero() ? new Digits(1, 1)
                    : new Digits(first.length() + last.length() - 1, first.length() + last.length());
            case DIVISION -> exactly(quotient(first, last.wholeValue()));
            case SQUARE_ROOT -> exactly((whole(first) + 1) / 2);
        };
    }

    /** As long as the longest addend, or as long as that many times its size can be. */
    private static Digits addition(Problem problem) {
        int longest = problem.operands().stream().mapToInt(Digits::whole).max().orElseThrow();
        BigInteger most = BigInteger.TEN.pow(longest).multiply(BigInteger.valueOf(problem.operands().size()));
        return new Digits(longest, most.subtract(BigInteger.ONE).toString().length());
    }

    private static int quotient(Numeral dividend, BigInteger divisor) {
        int taken = divisor.toString().length();
        if (taken > dividend.length()) {
            return 1;
        }
        boolean fits = new BigInteger(dividend.digits().substring(0, taken)).compareTo(divisor) >= 0;
        return Math.max(1, dividend.length() - taken + (fits ? 1 : 0));
    }

    private static int whole(Numeral number) {
        return number.highest() + 1;
    }

    private static Digits exactly(int count) {
        return new Digits(count, count);
    }
}
