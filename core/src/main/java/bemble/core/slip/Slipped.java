package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.Optional;

/** Problems written with a slip: 687 + 58 with {@code carry-forgotten} comes to 635. */
public final class Slipped {
    /** Facts beyond this are not tried for a near miss. */
    private static final int MOST_FACTS = 4000;

    private Slipped() {}

    /**
     * The slip of that name where it can happen in a problem and changes its answer's text.
     *
     * @return nothing where it cannot, or leaves the answer as it is
     */
    public static Optional<Slip> find(String id, Problem problem, Method<?> method, HouseStyle style) {
        String right = Written.answerBy(Hand.CAREFUL, problem, method, style).answer().text();
        if (!id.equals(Slips.FACT_NEAR_MISS)) {
            return Slips.named(id, problem, method.name()).stream()
                    .flatMap(slip -> slip.slips(problem).stream())
                    .filter(slip -> changes(slip, problem, method, style, right)).findFirst();
        }
        int facts = Written.answerBy(Hand.CAREFUL, problem, method, style).factsWorked().size();
        for (int which = 0; which < Math.min(facts, MOST_FACTS); which++) {
            for (int by : new int[] {1, -1}) {
                Slip slip = Slip.nearMiss(which, by);
                if (changes(slip, problem, method, style, right)) {
                    return Optional.of(slip);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean changes(Slip slip, Problem problem, Method<?> method, HouseStyle style, String right) {
        return answer(slip, problem, method, style).filter(text -> !text.equals(right)).isPresent();
    }

    /** The text of the answer that a slip leads to; nothing where its hand gets stuck. */
    public static Optional<String> answer(Slip slip, Problem problem, Method<?> method, HouseStyle style) {
        return Written.tried(slip.over(Hand.CAREFUL), problem, method, style).map(written -> written.answer().text());
    }
}
