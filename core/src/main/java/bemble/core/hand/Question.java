package bemble.core.hand;

import org.jspecify.annotations.Nullable;

/**
 * One small decision that a method asks of a hand. An immutable value: its fields are what is decided from.
 *
 * @param <A> what is decided
 */
public interface Question<A> {
    /** The place of a question that belongs to no column. */
    int NO_PLACE = Integer.MIN_VALUE;

    /** What a careful hand decides in this state; null where no careful hand gets into it. Pure, worked out when asked. */
    @Nullable
    A careful();

    /** Whether a careful hand puts this answer on the paper. */
    default boolean belongs(A answer) {
        return true;
    }

    /** What the answer leaves on the paper, and where; nothing where it stays in the head. */
    default void ink(A answer, Ink ink) {}

    /** The column it is decided for, as a power of ten. */
    default int place() {
        return NO_PLACE;
    }

    /** The answer as it can be read from somebody's paper; null where the paper is silent here. */
    default @Nullable A read(Reading paper) {
        return null;
    }
}
