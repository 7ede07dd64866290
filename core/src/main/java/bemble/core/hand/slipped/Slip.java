package bemble.core.hand.slipped;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.random.RandomGenerator;

/** A rule broken: a hand over another hand, which decides one kind of thing otherwise. Any two go together. */
@FunctionalInterface
public interface Slip {
    /** A hand that makes this slip and decides everything else as {@code base} does; a new one for each working. */
    Hand over(Hand base);

    /** Both slips at once; where both concern one decision this one has the last word. */
    default Slip and(Slip other) {
        return base -> over(other.over(base));
    }

    /** This slip in one column only. */
    default Slip at(int place) {
        return only((question, base) -> question.place() == place);
    }

    /** This slip in every column but one. */
    default Slip notAt(int place) {
        return only((question, base) -> question.place() != place);
    }

    /** This slip in a share of its chances. */
    default Slip chance(double share, RandomGenerator random) {
        return only((question, base) -> random.nextDouble() < share);
    }

    private Slip only(BiPredicate<Question<?>, Hand> here) {
        return base -> new SometimesHand(over(base), base, here);
    }

    /**
     * A slip at one kind of question.
     *
     * @param answer what is decided, from the question and the hand below; null where this slip does not concern it
     */
    static <A, Q extends Question<A>> Slip at(Class<Q> kind, BiFunction<Q, Hand, A> answer) {
        return base -> new SlippedHand<>(base, kind, answer, null);
    }

    /**
     * A slip that is not made at the first chance, but at later ones.
     *
     * @param chance what a chance is
     * @param most how many times it is made at most
     */
    static <A, Q extends Question<A>> Slip later(Class<Q> kind, BiPredicate<Q, Hand> chance, int most,
            BiFunction<Q, Hand, A> answer) {
        return base -> {
            int[] chances = {0};
            return at(kind, (Q question, Hand hand) -> {
                boolean makes = chance.test(question, hand) && chances[0]++ > 0 && chances[0] - 2 < most;
                return makes ? answer.apply(question, hand) : null;
            }).over(base);
        };
    }

    /** A slip that depends on what is worked, and how; told when that is begun. */
    static Slip in(Function<ChosenMethod, Slip> slip) {
        return base -> new Hand() {
            private Hand now = base;

            @Override
            public <A> A decide(Question<A> question) {
                if (question instanceof ChosenMethod chosen) {
                    now = slip.apply(chosen).over(base);
                }
                return now.decide(question);
            }

            @Override
            public <A> boolean writes(Question<A> question, A answer) {
                return now.writes(question, answer);
            }
        };
    }

    /** A slip that leaves answers of one kind off the paper. */
    static <A, Q extends Question<A>> Slip unwritten(Class<Q> kind, BiPredicate<Q, A> unwritten) {
        return base -> new SlippedHand<>(base, kind, null, unwritten);
    }

    /** The fact of that number, counted from 0 in the order of writing, missed by one group. */
    static Slip nearMiss(int which, int by) {
        return base -> new NearMissHand(base, which, by);
    }
}
