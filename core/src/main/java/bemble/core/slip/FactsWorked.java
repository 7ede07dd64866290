package bemble.core.slip;

import bemble.core.entry.GivenAnswer;
import bemble.core.hand.Decision;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The small facts that an answer rests on: 687 + 58 on 8 + 7, on 8 + 5 with the one carried, and so on. */
public final class FactsWorked {
    /** Of a very long problem not every hand is tried that misses one fact. */
    private static final int MOST_HANDS = 400;

    private static final Set<String> CAUSES = Set.of(Slips.FACT_NEAR_MISS, "fact-known-wrongly");
    private static final Pattern WITH_ONE = Pattern.compile("\\d\\+\\d\\+1");

    private FactsWorked() {}

    /** Whether a slip is a fact missed, now or always. */
    public static boolean isOfAFact(String slip) {
        return CAUSES.contains(slip);
    }

    /** A fact by its name, such as {@code 8+7}, with what was said for it instead. */
    public record Missed(String fact, String said) {
        /** Of two digits with a one carried to them, what was said before the one was added. */
        private static Missed of(String fact, Object decided) {
            return decided instanceof Integer total && WITH_ONE.matcher(fact).matches()
                    ? new Missed(fact.substring(0, fact.length() - "+1".length()), String.valueOf(total - 1))
                    : new Missed(fact, String.valueOf(decided));
        }
    }

    /** The names of the facts that a careful hand works, in the order of writing; each as often as it comes. */
    public static List<String> of(Problem problem, Method<?> method, HouseStyle style) {
        return Written.answerBy(Hand.CAREFUL, problem, method, style).factsWorked().stream().map(FactQuestion::fact)
                .filter(Objects::nonNull).toList();
    }

    /**
     * The fact missed in a wrong answer that is put down to one.
     *
     * @param cause the slip that it is put down to
     * @param key the answer, as {@link GivenAnswer#key()} has it
     * @return nothing where that is no fact missed, no hand that misses one comes to this answer, or the fact has no name
     */
    public static Optional<Missed> missed(String cause, Problem problem, Method<?> method, HouseStyle style,
            String key) {
        if (!CAUSES.contains(cause)) {
            return Optional.empty();
        }
        Stream<Slip> hands = Slipped.hands(cause, problem, method, style);
        return hands.limit(MOST_HANDS).flatMap(hand -> Written.tried(hand.over(Hand.CAREFUL), problem, method, style)
                .filter(written -> GivenAnswer.of(written.answer()).key().equals(key)).stream())
                .flatMap(written -> written.decisions().stream()).filter(Decision::isBroken)
                .flatMap(FactsWorked::missed).findFirst();
    }

    private static Stream<Missed> missed(Decision<?> decision) {
        return decision.asked() instanceof FactQuestion<?> fact && fact.fact() != null
                ? Stream.of(Missed.of(fact.fact(), decision.decided())) : Stream.of();
    }
}
