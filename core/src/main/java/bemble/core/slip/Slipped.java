package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Problems written with a slip: 687 + 58 with {@code carry-forgotten} comes to 635. */
public final class Slipped {
    /** Facts beyond this are not tried for a near miss. */
    private static final int MOST_FACTS = 4000;
    /** Of two slips so many hands each are tried beside each other. */
    private static final int MOST_BESIDE = 20;

    private Slipped() {}

    /**
     * The slip of that name where it can happen in a problem and changes its answer's text.
     *
     * @return nothing where it cannot, or leaves the answer as it is
     */
    public static Optional<Slip> find(String id, Problem problem, Method<?> method, HouseStyle style) {
        String right = Written.answerBy(Hand.CAREFUL, problem, method, style).answer().text();
        return hands(id, problem, method, style).filter(slip -> changes(slip, problem, method, style, right))
                .findFirst();
    }

    /**
     * Two slips made beside each other, where their hand comes to another answer than a careful one; one to which both do something
     * is taken before one that shows the one alone.
     *
     * @return nothing where the two together get stuck or leave the answer's text as it is
     */
    public static Optional<Slip> find(String one, String second, Problem problem, Method<?> method, HouseStyle style) {
        String right = Written.answerBy(Hand.CAREFUL, problem, method, style).answer().text();
        List<Slip> beside = hands(second, problem, method, style).limit(MOST_BESIDE).toList();
        Slip found = null;
        for (Slip hand : hands(one, problem, method, style).limit(MOST_BESIDE).toList()) {
            String alone = answer(hand, problem, method, style).orElse(right);
            for (Slip with : beside) {
                String other = answer(with, problem, method, style).orElse(right);
                // Which lies over which matters where both decide one thing.
                for (Slip both : List.of(hand.and(with), with.and(hand))) {
                    String answer = answer(both, problem, method, style).orElse(right);
                    if (!List.of(right, alone, other).contains(answer)) {
                        return Optional.of(both);
                    }
                    found = found == null && !answer.equals(right) ? both : found;
                }
            }
        }
        return Optional.ofNullable(found);
    }

    static Stream<Slip> hands(String id, Problem problem, Method<?> method, HouseStyle style) {
        if (!id.equals(Slips.FACT_NEAR_MISS)) {
            return Slips.named(id, problem, method.name()).stream().flatMap(slip -> slip.slips(problem).stream());
        }
        int facts = Written.answerBy(Hand.CAREFUL, problem, method, style).factsWorked().size();
        return IntStream.range(0, Math.min(facts, MOST_FACTS)).boxed()
                .flatMap(which -> Stream.of(Slip.nearMiss(which, 1), Slip.nearMiss(which, -1)));
    }

    private static boolean changes(Slip slip, Problem problem, Method<?> method, HouseStyle style, String right) {
        return answer(slip, problem, method, style).filter(text -> !text.equals(right)).isPresent();
    }

    /** The text of the answer that a slip leads to; nothing where its hand gets stuck. */
    public static Optional<String> answer(Slip slip, Problem problem, Method<?> method, HouseStyle style) {
        return Written.tried(slip.over(Hand.CAREFUL), problem, method, style).map(written -> written.answer().text());
    }
}
