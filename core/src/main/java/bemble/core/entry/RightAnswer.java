package bemble.core.entry;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.problem.Coded;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.math.BigDecimal;
import java.util.Set;

/** What is right for a problem, however it is given; known at once, without trying what other hands come to. */
public final class RightAnswer {
    private final Problem problem;
    private final String key;
    private final Set<String> right;

    private RightAnswer(Written careful) {
        this.problem = careful.problem();
        this.key = GivenAnswer.of(careful.answer()).key();
        String rounded = careful.answer().rounded();
        this.right = rounded == null ? Set.of(key)
                : Set.of(key, rounded.equals(careful.answer().value()) ? key + "." : rounded);
    }

    /** Works out what is right. */
    public static RightAnswer of(Problem problem, Method<?> method) {
        return of(Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL));
    }

    public static RightAnswer of(Written careful) {
        return new RightAnswer(careful);
    }

    /** What an answer is. */
    public enum Verdict implements Coded {
        CORRECT,
        WRONG,
        UNREADABLE;
    }

    /** What an answer is, without looking for what fits it. */
    public Verdict verdict(String given, Punctuation punctuation) {
        return GivenAnswer.read(given, punctuation)
                .map(read -> is(read.key()) ? Verdict.CORRECT : Verdict.WRONG).orElse(Verdict.UNREADABLE);
    }

    /** Whether an answer with that key is right. */
    public boolean is(String other) {
        return right.contains(other) || problem.operation() == Operation.DIVISION && isExact(other);
    }

    /** Whether a quotient, multiplied by the divisor, is the dividend. */
    public static boolean isExact(Problem division, BigDecimal quotient) {
        return quotient.multiply(new BigDecimal(division.operands().get(1).plain()))
                .compareTo(new BigDecimal(division.operands().get(0).plain())) == 0;
    }

    /** Whether a quotient with decimals, or with a fraction, multiplied by the divisor is the dividend. */
    private boolean isExact(String other) {
        String[] parts = other.split("[ /r]");
        if (other.contains("r") || parts.length == 1 && !other.contains(".") || parts.length == 2) {
            return false;
        }
        BigDecimal divisor = new BigDecimal(problem.operands().get(1).plain());
        BigDecimal dividend = new BigDecimal(problem.operands().get(0).plain());
        BigDecimal whole = new BigDecimal(parts[0]);
        if (parts.length == 1) {
            return isExact(problem, whole);
        }
        BigDecimal numerator = new BigDecimal(parts[1]);
        BigDecimal denominator = new BigDecimal(parts[2]);
        // (whole + numerator / denominator) × divisor = dividend, without dividing.
        return denominator.signum() > 0 && whole.multiply(denominator).add(numerator).multiply(divisor)
                .compareTo(dividend.multiply(denominator)) == 0;
    }

    /** The key of the answer that a careful hand comes to. */
    public String key() {
        return key;
    }
}
