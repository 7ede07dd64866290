package bemble.core.hand;

import org.jspecify.annotations.Nullable;

/** A careful hand that chooses as the writer of a paper did wherever the writer is free; where the paper is silent it chooses itself. */
public final class ChoosingHand implements Hand {
    private final Reading paper;

    public ChoosingHand(Reading paper) {
        this.paper = paper;
    }

    @Override
    public <A> A decide(Question<A> question) {
        @Nullable
        A chosen = question instanceof FreeQuestion<A> ? question.read(paper) : null;
        return chosen != null && FreeQuestion.isAllowed(question, chosen) ? chosen : CAREFUL.decide(question);
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return CAREFUL.writes(question, answer);
    }
}
