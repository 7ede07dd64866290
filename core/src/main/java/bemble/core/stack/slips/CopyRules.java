package bemble.core.stack.slips;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What may be decided otherwise in reading numbers, setting them out and writing the answer down, in every operation. */
public final class CopyRules {
    private static final List<String> TAKEN_FOR =
            List.of("69", "96", "17", "71", "38", "83", "06", "60", "49", "94", "56", "65");
    private static final List<Guard<ChosenMethod>> NUMBERS = List.of(Guard.always(),
            where("with-zero", "where a number has a 0",
                    problem -> problem.operands().stream().anyMatch(number -> number.digits().contains("0"))),
            where("unlike", "where one number is longer",
                    problem -> problem.operands().stream().mapToInt(Numeral::length).distinct().count() > 1));

    private CopyRules() {}

    private static Guard<ChosenMethod> where(String id, String words, Function<Problem, Boolean> holds) {
        BiPredicate<ChosenMethod, Problem> where = (chosen, problem) -> holds.apply(problem);
        return new Guard<>(id, words, where);
    }

    /** One digit always read as another, and numbers copied otherwise than they are given. */
    public static Theme<ChosenMethod> read(Set<MethodName> methods) {
        List<Turn<ChosenMethod>> turns = new ArrayList<>();
        for (String pair : TAKEN_FOR) {
            turns.add(copied(pair.charAt(0) + "-as-" + pair.charAt(1),
                    "reads every " + pair.charAt(0) + " as " + pair.charAt(1),
                    which -> true, number -> replaced(number, pair.charAt(0), pair.charAt(1))));
        }
        turns.add(copied("first-reversed", "copies the first number from right to left", which -> which == 0,
                CopyRules::reversed));
        turns.add(copied("second-reversed", "copies the second number from right to left", which -> which == 1,
                CopyRules::reversed));
        turns.add(copied("zeros-left-out", "leaves the zeros of a number out", which -> true, CopyRules::withoutZeros));
        return new Theme<>("read", methods, List.copyOf(turns), NUMBERS, CopySlips.READ_BACK);
    }

    /** The second number in other columns than its own. */
    public static Theme<ChosenMethod> set(Set<MethodName> methods) {
        return new Theme<>("set", methods, List.of(
                Turn.throughout("left", "lines the numbers up at the left", CopySlips.linedUpLeft()),
                Turn.throughout("one-left", "sets the second number a column too far to the left", shifted(1)),
                Turn.throughout("one-right", "sets the second number a column too far to the right", shifted(-1))),
                NUMBERS, CopySlips.HEADS);
    }

    /**
     * The answer worked properly and written down otherwise.
     *
     * @param written the hand that writes other digits than those of the answer
     */
    public static Theme<ChosenMethod> answer(Set<MethodName> methods, Function<UnaryOperator<String>, Slip> written) {
        return new Theme<>("answer", methods, List.of(
                Turn.throughout("reversed", "writes the answer's digits in the opposite order",
                        written.apply(AnswerSlips::backwards)),
                Turn.throughout("end-turned", "writes the last two digits of the answer the other way round",
                        written.apply(digits -> digits.length() < 2 ? digits : AnswerSlips.swapped(digits, 0))),
                Turn.throughout("front-turned", "writes the first two digits of the answer the other way round",
                        written.apply(digits -> digits.length() < 2 ? digits
                                : AnswerSlips.swapped(digits, digits.length() - 2))),
                Turn.throughout("last-zero-lost", "leaves a 0 off the end of the answer",
                        written.apply(digits -> digits.endsWith("0") && digits.length() > 1
                                ? digits.substring(0, digits.length() - 1) : digits)),
                Turn.throughout("zeros-lost", "leaves every 0 out of the answer", written.apply(CopyRules::notZeros)),
                Turn.throughout("first-lost", "leaves the first digit of the answer off",
                        written.apply(digits -> digits.length() > 1 ? digits.substring(1) : digits)),
                Turn.throughout("rounded", "writes the answer rounded to tens", written.apply(CopyRules::rounded)),
                Turn.throughout("last-is-0", "writes 0 for the last digit of the answer",
                        written.apply(digits -> digits.substring(0, digits.length() - 1) + "0"))),
                List.of(Guard.always()), AnswerSlips.SAY_IT);
    }

    private interface Which {
        boolean is(int number);
    }

    private static Turn<ChosenMethod> copied(String id, String words, Which which, UnaryOperator<Numeral> copy) {
        return Turn.throughout(id, words, Slip.in(chosen -> {
            List<Numeral> given = chosen.problem().operands();
            return CopySlips.copied(number -> which.is(given.indexOf(number)) ? copy.apply(number) : number);
        }));
    }

    private static Slip shifted(int by) {
        return at(LineUp.class, (q, hand) -> {
            if (q.numbers().size() != 2) {
                return null;
            }
            return List.of(new Placed(q.numbers().get(0), 0), new Placed(q.numbers().get(1), by));
        });
    }

    /** A number without a 0 in front that it has not been given, and never 0. */
    private static Numeral of(String digits, Numeral given) {
        boolean fits = digits.length() > given.decimals()
                && (digits.charAt(0) != '0' || digits.length() == given.decimals() + 1);
        return fits && !digits.replace("0", "").isEmpty() ? Numeral.ofDigits(digits, given.decimals()) : given;
    }

    private static Numeral replaced(Numeral number, char digit, char other) {
        return of(number.digits().replace(digit, other), number);
    }

    private static Numeral reversed(Numeral number) {
        return of(AnswerSlips.backwards(number.digits()), number);
    }

    private static Numeral withoutZeros(Numeral number) {
        return number.isWhole() ? of(notZeros(number.digits()), number) : number;
    }

    private static String notZeros(String digits) {
        String left = digits.replace("0", "");
        return left.isEmpty() ? digits : left;
    }

    private static String rounded(String digits) {
        long value = digits.length() > 15 ? -1 : Long.parseLong(digits);
        return value < 10 ? digits : Long.toString((value + 5) / 10 * 10);
    }
}
