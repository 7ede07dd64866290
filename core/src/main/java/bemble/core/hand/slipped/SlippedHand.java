package bemble.core.hand.slipped;

import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;

/** Decides one kind of question otherwise than the hand below, or leaves its answers unwritten. */
final class SlippedHand<B, Q extends Question<B>> implements Hand {
    private final Hand base;
    private final Class<Q> kind;
    private final @Nullable BiFunction<Q, Hand, B> answer;
    private final @Nullable BiPredicate<Q, B> unwritten;

    SlippedHand(Hand base, Class<Q> kind, @Nullable BiFunction<Q, Hand, B> answer,
            @Nullable BiPredicate<Q, B> unwritten) {
        this.base = base;
        this.kind = kind;
        this.answer = answer;
        this.unwritten = unwritten;
    }

    @Override
    @SuppressWarnings("unchecked")
    public <A> A decide(Question<A> question) {
        if (answer != null && kind.isInstance(question)) {
            A decided = (A) answer.apply((Q) question, base);
            if (decided != null) {
                return decided;
            }
        }
        return base.decide(question);
    }

    @Override
    @SuppressWarnings("unchecked")
    public <A> boolean writes(Question<A> question, A decided) {
        boolean leftOff = unwritten != null && kind.isInstance(question) && unwritten.test((Q) question, (B) decided);
        return !leftOff && base.writes(question, decided);
    }
}
