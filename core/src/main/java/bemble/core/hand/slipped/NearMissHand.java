package bemble.core.hand.slipped;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;

/** Gets one single fact wrong: a sum or difference by 1, a product by one group. */
final class NearMissHand implements Hand {
    private final Hand base;
    private final int which;
    private final int by;
    private int facts;

    NearMissHand(Hand base, int which, int by) {
        this.base = base;
        this.which = which;
        this.by = by;
    }

    @Override
    public <A> A decide(Question<A> question) {
        A decided = base.decide(question);
        if (question instanceof FactQuestion<A> fact && fact.isWorked() && facts++ == which) {
            A missed = fact.missed(decided, by);
            return missed == null ? decided : missed;
        }
        return decided;
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return base.writes(question, answer);
    }
}
