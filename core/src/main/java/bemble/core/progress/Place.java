package bemble.core.progress;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Where a pupil is on one rung, without what it rests on; small enough to be kept for everybody.
 *
 * @param since the day it became so; null where nothing was tried
 * @param dueOn the day from which the rung comes back; null while neither secure nor passed in a quiz
 * @param shows the slip that still shows; null where none does
 * @param right how many of the answers it rests on are right
 * @param of how many answers it rests on
 * @param quiz the last quiz, while it still counts; null where there is none
 * @param due whether the rung comes back now
 */
public record Place(State state, @Nullable LocalDate since, @Nullable LocalDate dueOn, @Nullable String shows,
        int right, int of,
        @Nullable Quiz quiz, boolean due) {
    /** Of one who has not tried. */
    public static final Place NONE = new Place(State.NOT_TRIED, null, null, null, 0, 0, null, false);

    /** Whether one may go on to the next rung. */
    public boolean movesOn() {
        return shows == null && (state.isReached() || quiz != null && quiz.isPassed());
    }

    /**
     * The same on a later day until which nothing was answered: all that days alone change is that a rung comes back.
     *
     * @param today no earlier than the day it was worked out for
     */
    public Place on(LocalDate today) {
        if (due || dueOn == null || today.isBefore(dueOn)) {
            return this;
        }
        return new Place(state == State.SECURE ? State.DUE : state, since, dueOn, shows, right, of, quiz, true);
    }
}
