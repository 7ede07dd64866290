package bemble.bench;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Random;

/** Questions that are in no test. */
final class Problems {
    private final Random random;

    Problems(Random random) {
        this.random = random;
    }

    /** The next question to be worked by a method. */
    Problem next(MethodName method) {
        return switch (method.operation()) {
            case ADDITION -> new Problem.Addition(
                    random.nextInt(3) == 0 ? List.of(whole(2, 3), whole(2, 3), whole(1, 3))
                            : List.of(whole(3, 4), whole(2, 4)));
            case SUBTRACTION -> {
                Numeral one = whole(3, 4);
                Numeral other = whole(2, 4);
                yield new Problem.Subtraction(one.compareTo(other) < 0 ? other : one,
                        one.compareTo(other) < 0 ? one : other);
            }
            case MULTIPLICATION -> new Problem.Multiplication(whole(2, 3), whole(1, 3));
            case DIVISION -> new Problem.Division(whole(3, 4),
                    method == MethodName.SHORT_DIVISION || random.nextBoolean()
                            ? Numeral.of(Integer.toString(2 + random.nextInt(8))) : whole(2, 2));
            case SQUARE_ROOT -> new Problem.SquareRoot(whole(3, 6), 0);
        };
    }

    /** A number in which zeros and large digits are not rare. */
    private Numeral whole(int least, int most) {
        int length = least + random.nextInt(most - least + 1);
        StringBuilder digits = new StringBuilder();
        for (int i = 0; i < length; i++) {
            digits.append(i > 0 && random.nextInt(6) == 0 ? 0 : 1 + random.nextInt(9));
        }
        return Numeral.of(digits.toString());
    }
}
