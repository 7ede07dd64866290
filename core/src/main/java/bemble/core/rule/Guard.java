package bemble.core.rule;

import bemble.core.problem.Problem;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/**
 * When a rule holds.
 *
 * @param id its name in the text of a rule; empty where the rule always holds
 * @param words to follow what the hand does, such as “in the last column”
 * @param holds whether it holds for a question of a problem
 * @param <Q> the kind of question
 */
public record Guard<Q>(String id, String words, BiPredicate<Q, Problem> holds) {
    /** A rule that holds wherever its question is asked. */
    public static <Q> Guard<Q> always() {
        return new Guard<>("", "", (question, problem) -> true);
    }

    /** A guard that looks at the question alone. */
    public static <Q> Guard<Q> when(String id, String words, Predicate<Q> holds) {
        return new Guard<>(id, words, (question, problem) -> holds.test(question));
    }
}
