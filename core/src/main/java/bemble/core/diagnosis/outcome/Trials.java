package bemble.core.diagnosis.outcome;

import bemble.core.entry.GivenAnswer;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import org.jspecify.annotations.Nullable;

/**
 * Tries hands in one question. How many are tried is bounded for each hypothesis by itself, and they are tried in a fixed order: what is
 * worked out does not depend on who asked first, nor for what else. What lies beyond a bound is not known, and never taken for right.
 *
 * @param decisions how many decisions a careful hand makes in this question, which is about what it costs to try one
 */
record Trials(Problem problem, Method<?> method, int decisions) {
    /** A bound on what is tried for one hypothesis. */
    Bound upTo(long decisions) {
        return new Bound(decisions);
    }

    /** What a hand writes, as far as it comes. */
    Written written(Slip hand, HouseStyle style) {
        return Written.asFarAs(hand.over(Hand.CAREFUL), problem, method, style, false);
    }

    /** The key of the answer that was come to; null where the hand got stuck. */
    static @Nullable String keyOf(Written written) {
        return written.isFinished() ? GivenAnswer.of(written.answer()).key() : null;
    }

    /** What is left of a bound. */
    final class Bound {
        private long left;

        private Bound(long decisions) {
            left = decisions;
        }

        boolean isReached() {
            return left <= 0;
        }

        /** What a hand writes, as far as it comes. */
        Written written(Slip hand, HouseStyle style) {
            left -= decisions;
            return Trials.this.written(hand, style);
        }

        /** The key of the answer that a hand comes to; null where it gets stuck. */
        @Nullable
        String keyOf(Slip hand, HouseStyle style) {
            return Trials.keyOf(written(hand, style));
        }
    }
}
