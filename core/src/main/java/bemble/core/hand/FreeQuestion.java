package bemble.core.hand;

import org.jspecify.annotations.Nullable;

/**
 * A question in which the writer is free: how many lots are taken away now, where the next jump goes. What a careful hand decides is one
 * of the right answers; every other is right that meets the condition.
 *
 * @param <A> what is decided
 */
public interface FreeQuestion<A> extends Question<A> {
    /** Whether an answer meets the condition, whatever a careful hand would have chosen. */
    boolean allows(A answer);

    /** A right answer that needs as much room on the paper as any that is provided for. */
    default @Nullable A roomiest() {
        return careful();
    }

    /** Whether an answer is one of the right ones of a question. */
    static <A> boolean isAllowed(Question<A> question, A answer) {
        return question instanceof FreeQuestion<A> free && free.allows(answer);
    }
}
