package bemble.core.check;

import bemble.core.hand.Answer;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.CheckKind;
import java.math.BigDecimal;
import java.util.List;

/**
 * Compares remainders by nine. The remainder of a number is that of the sum of its digits, since every power of ten
 * leaves 1; the point changes nothing where all numbers have as many decimals.
 */
record CastingNines(Problem problem, Answer answer) {
    Check check() {
        List<Numeral> numbers = problem.operands();
        Numeral value = Numeral.of(answer.value());
        return switch (problem.operation()) {
            case ADDITION -> result(sum(numbers), remainder(value),
                    symbols(numbers, Operation.ADDITION), value.plain());
            case SUBTRACTION -> result(remainder(numbers.get(0)), sum(List.of(value, numbers.get(1))),
                    numbers.get(0).plain(), symbols(List.of(value, numbers.get(1)), Operation.ADDITION));
            case MULTIPLICATION -> result(remainder(numbers.get(0)) * remainder(numbers.get(1)) % 9, remainder(value),
                    symbols(numbers, Operation.MULTIPLICATION), value.plain());
            case DIVISION -> division(numbers, value);
            case SQUARE_ROOT -> root(numbers.get(0), value);
        };
    }

    private Check division(List<Numeral> numbers, Numeral quotient) {
        Numeral rest = answer.remainder() == null ? Numeral.ZERO : Numeral.of(answer.remainder());
        int back = (remainder(numbers.get(1)) * remainder(quotient) + remainder(rest)) % 9;
        return result(remainder(numbers.get(0)), back, numbers.get(0).plain(),
                symbols(List.of(numbers.get(1), quotient), Operation.MULTIPLICATION) + " + " + rest.plain());
    }

    private Check root(Numeral radicand, Numeral root) {
        BigDecimal left = radicand.value().subtract(root.value().multiply(root.value()));
        Numeral rest = Numeral.of(left.max(BigDecimal.ZERO).toPlainString());
        int back = (remainder(root) * remainder(root) + remainder(rest)) % 9;
        return result(remainder(radicand), back, radicand.plain(),
                symbols(List.of(root, root), Operation.MULTIPLICATION) + (rest.isZero() ? "" : " + " + rest.plain()));
    }

    private static String symbols(List<Numeral> numbers, Operation operation) {
        return String.join(" " + operation.sign() + " ", numbers.stream().map(Numeral::plain).toList());
    }

    private static int sum(List<Numeral> numbers) {
        return numbers.stream().mapToInt(CastingNines::remainder).sum() % 9;
    }

    private static int remainder(Numeral number) {
        return number.digits().chars().map(c -> c - '0').sum() % 9;
    }

    private static Check result(int expected, int actual, String one, String other) {
        return new Check(CheckKind.NINES.id(), "by nines: " + one + " → " + expected + "; " + other + " → " + actual,
                Integer.toString(expected), Integer.toString(actual), expected == actual, List.of());
    }
}
