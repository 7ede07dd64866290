package bemble.core.stack.slips;

import bemble.core.hand.Hand;
import bemble.core.hand.Reading;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.Digit;
import bemble.core.stack.adding.InFront;
import bemble.core.style.HouseStyle;
import bemble.core.working.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Answers worked rightly and written down otherwise: turned round, or without what ends them. */
public final class AnswerSlips {
    /** What helps a pupil who writes down another number than was worked. */
    public static final String SAY_IT = "Say the answer aloud before writing it down, and read it back from the paper.";
    private static final int LONGEST = 12;

    private AnswerSlips() {}

    /** What helps a pupil who turns an answer round, with a problem to try and what it comes to. */
    public static String sayIt(String problem, String answer) {
        return SAY_IT + " Then " + problem + "; see whether " + answer + " stands as it is said.";
    }

    /** What helps a pupil who changes two digits of an answer about, with a problem to try and what it comes to. */
    public static String readTheHeads(String problem, String answer) {
        return "Write H, T, O over the squares of the answer and say each digit with its place. Then " + problem
                + "; see whether "
                + answer + " is read back as it stands.";
    }

    /** The answer's digits in the opposite order. */
    public static Slip reversed() {
        return written(AnswerSlips::backwards);
    }

    /** Digits in the opposite order. */
    public static String backwards(String digits) {
        return new StringBuilder(digits).reverse().toString();
    }

    /** Two digits of the answer next to each other turned round: a hand for every two. */
    public static List<Slip> turned(@Nullable Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (int i = 0; i < LONGEST; i++) {
            int right = i;
            slips.add(written(digits -> swapped(digits, right)));
        }
        return slips;
    }

    /**
     * Digits with two next to each other turned round.
     *
     * @param right how many digits stand behind the two
     */
    public static String swapped(String digits, int right) {
        int at = digits.length() - 2 - right;
        if (at < 0) {
            throw new Stuck("there are no two digits");
        }
        return digits.substring(0, at) + digits.charAt(at + 1) + digits.charAt(at) + digits.substring(at + 2);
    }

    /** A 0 at the end of the answer left off, the other digits in the last squares. */
    public static Slip lastZeroLost() {
        return written(digits -> {
            if (!digits.endsWith("0") || digits.length() < 2) {
                throw new Stuck("the answer does not end in 0");
            }
            return digits.substring(0, digits.length() - 1);
        });
    }

    /**
     * Another number in the answer's squares than the one that was worked.
     *
     * @param otherwise the digits that are written, from those that belong there
     */
    public static Slip written(UnaryOperator<String> otherwise) {
        return otherwise(otherwise,
                (otherNumber, lowest) -> Slip.at(Digit.class, (Digit q, Hand hand) -> isAnswer(q.at().line())
                        ? digit(otherNumber, q.at().place() - lowest) : null)
                        .and(Slip.at(InFront.class, (InFront q, Hand hand) -> isAnswer(q.at().line())
                                ? front(otherNumber, q.at().place() - lowest) : null)));
    }

    private static boolean isAnswer(Line line) {
        return line.equals(Line.ANSWER);
    }

    /**
     * The same for other questions.
     *
     * @param slip the hand that writes a number, from its digits and the place of the last
     */
    public static Slip otherwise(UnaryOperator<String> otherwise, BiFunction<String, Integer, Slip> slip) {
        return Slip.in(chosen -> {
            Numeral right = Numeral.of(Written
                    .answerBy(Hand.CAREFUL, chosen.problem(), chosen.asked(), HouseStyle.USUAL).answer().value());
            String other = otherwise.apply(right.digits());
            return other.equals(right.digits()) ? base -> base : slip.apply(other, -right.decimals());
        });
    }

    /** The digit of a number so many squares before its last. */
    public static int digit(String number, int before) {
        return before < 0 || before >= number.length() ? 0 : number.charAt(number.length() - 1 - before) - '0';
    }

    private static int front(String number, int before) {
        int figures = Math.max(0, number.length() - before);
        if (figures > Reading.MOST_DIGITS) {
            throw new Stuck("nobody writes so many figures in front of one column");
        }
        return figures == 0 ? 0 : Integer.parseInt(number.substring(0, figures));
    }
}
