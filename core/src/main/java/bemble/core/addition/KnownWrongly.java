package bemble.core.addition;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.Total;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Sums of two digits that somebody has wrong each time they come, such as 8 + 7 = 16. */
final class KnownWrongly {
    private static final int[] BESIDE = {1, -1, 2, -2};

    private KnownWrongly() {}

    /** A hand for which two digits together are so many more, or less, than they are. */
    static Slip sum(int one, int other, int by) {
        return at(Total.class,
                (q, hand) -> isOf(q.digits(), one, other) && one + other + by >= 0 ? hand.decide(q) + by : null);
    }

    private static boolean isOf(List<Integer> digits, int one, int other) {
        return digits.size() == 2 && Math.max(digits.get(0), digits.get(1)) == Math.max(one, other)
                && Math.min(digits.get(0), digits.get(1)) == Math.min(one, other);
    }

    /** Those that can show in a problem, under the sum that is taken for right: by 1 or 2 beside it. */
    static Map<String, Slip> sums(Problem problem) {
        Map<String, Slip> slips = new LinkedHashMap<>();
        Stack stack = Stack.of(problem.operands());
        for (int place = stack.lowest(); place <= stack.highest(); place++) {
            List<Integer> digits = stack.digitsAt(place);
            if (digits.size() == 2 && digits.get(0) > 0 && digits.get(1) > 0) {
                int more = Math.max(digits.get(0), digits.get(1));
                int less = Math.min(digits.get(0), digits.get(1));
                for (int by : BESIDE) {
                    int wrong = more + less + by;
                    if (wrong >= more) {
                        slips.put(more + "+" + less + "=" + wrong, sum(more, less, by));
                    }
                }
            }
        }
        return slips;
    }
}
