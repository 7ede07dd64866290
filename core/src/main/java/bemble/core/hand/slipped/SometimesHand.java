package bemble.core.hand.slipped;

import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import java.util.function.BiPredicate;

/** Decides as one hand where it says so, and as another elsewhere. */
final class SometimesHand implements Hand {
    private final Hand slipping;
    private final Hand base;
    private final BiPredicate<Question<?>, Hand> here;
    /** Where one answer is decided by chance, its writing goes the same way. */
    private boolean slips;

    SometimesHand(Hand slipping, Hand base, BiPredicate<Question<?>, Hand> here) {
        this.slipping = slipping;
        this.base = base;
        this.here = here;
    }

    @Override
    public <A> A decide(Question<A> question) {
        slips = here.test(question, base);
        return (slips ? slipping : base).decide(question);
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return (slips ? slipping : base).writes(question, answer);
    }
}
