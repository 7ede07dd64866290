package bemble.core.pupil;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import java.util.Set;
import java.util.random.RandomGenerator;

/** Misses a fact by a group now and then, and those that are shaky half of the time. */
final class UnsureHand implements Hand {
    private static final double SHAKY = 0.5;
    private final Hand base;
    private final double rate;
    private final Set<String> shaky;
    private final RandomGenerator random;

    UnsureHand(Hand base, double rate, Set<String> shaky, RandomGenerator random) {
        this.base = base;
        this.rate = rate;
        this.shaky = shaky;
        this.random = random;
    }

    @Override
    public <A> A decide(Question<A> question) {
        A decided = base.decide(question);
        if (question instanceof FactQuestion<A> fact && fact.isWorked()
                && random.nextDouble() < (shaky.contains(String.valueOf(fact.fact())) ? SHAKY : rate)) {
            A missed = fact.missed(decided, random.nextBoolean() ? 1 : -1);
            return missed == null ? decided : missed;
        }
        return decided;
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return base.writes(question, answer);
    }
}
