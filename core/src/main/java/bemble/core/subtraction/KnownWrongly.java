package bemble.core.subtraction;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.column.Difference;
import bemble.core.subtraction.equal.EqualAdditions;
import bemble.core.subtraction.exchange.Decomposition;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Differences that somebody has wrong each time they come, such as 14 − 9 = 6. */
final class KnownWrongly {
    private static final int[] BESIDE = {1, -1, 2, -2};

    private KnownWrongly() {}

    /** A hand for which so much less so much is more, or less, than it is. */
    static Slip difference(int from, int away, int by) {
        return at(Difference.class, (q, hand) -> q.top() == from && q.away() == away && from - away + by >= 0
                ? from - away + by : null);
    }

    /** Those that can show in a problem, under what is taken for right: by 1 or 2 beside it. */
    static Map<String, Slip> differences(Problem problem) {
        Map<String, Slip> slips = new LinkedHashMap<>();
        for (Method<?> method : List.of(new Decomposition(), new EqualAdditions())) {
            Written.asFarAs(Hand.CAREFUL, problem, method, HouseStyle.USUAL, false).decisions().forEach(decision -> {
                if (decision.asked() instanceof Difference asked && asked.away() > 0) {
                    int right = asked.top() - asked.away();
                    for (int by : BESIDE) {
                        if (right + by >= 0 && right + by < 10) {
                            slips.put(asked.top() + "-" + asked.away() + "=" + (right + by),
                                    difference(asked.top(), asked.away(), by));
                        }
                    }
                }
            });
        }
        return slips;
    }
}
