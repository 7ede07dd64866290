package bemble.core.rule;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import bemble.core.hand.slipped.Slip;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What a decision becomes.
 *
 * @param id its name in the text of a rule
 * @param words what the hand does, to follow “the hand …”
 * @param slip the hand that does it wherever the question is one of those
 * @param <Q> the kind of question that the guards look at
 */
public record Turn<Q>(String id, String words, Function<Predicate<Q>, Slip> slip) {
    /**
     * Another answer to one kind of question.
     *
     * @param answer what is decided instead; null where there is nothing to decide otherwise
     */
    public static <A, Q extends Question<A>> Turn<Q> of(String id, String words, Class<Q> kind,
            BiFunction<Q, Hand, A> answer) {
        return new Turn<>(id, words,
                here -> Slip.at(kind, (question, hand) -> here.test(question) ? answer.apply(question, hand) : null));
    }

    /** A slip made throughout a working that is one of those. */
    public static Turn<ChosenMethod> throughout(String id, String words, Slip slip) {
        return new Turn<>(id, words, here -> Slip.in(chosen -> here.test(chosen) ? slip : base -> base));
    }

    /** What may be decided, since no hand comes below 0; null where there is nothing to decide otherwise. */
    public static @Nullable Integer notBelow(@Nullable Integer decided) {
        return decided == null || decided < 0 ? null : decided;
    }
}
