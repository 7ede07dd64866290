package bemble.core.hand;

import java.util.List;

/** Decides as was decided, and from then on carefully. */
final class CarefulFrom implements Hand {
    private final List<Decision<?>> before;
    private int next;
    private boolean written;

    CarefulFrom(List<Decision<?>> before) {
        this.before = before;
    }

    @Override
    @SuppressWarnings("unchecked")
    public <A> A decide(Question<A> question) {
        if (next < before.size()) {
            Decision<?> decision = before.get(next);
            written = decision.written();
            next++;
            return (A) decision.decided();
        }
        next++;
        return CAREFUL.decide(question);
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return next <= before.size() ? written : CAREFUL.writes(question, answer);
    }
}
