package bemble.core.hand;

import bemble.core.problem.Problem;

/**
 * What is done with a problem at all.
 *
 * @param asked the method that was asked for
 */
public record ChosenMethod(Problem problem, Method<?> asked) implements Question<Method<?>> {
    @Override
    public Method<?> careful() {
        return asked;
    }
}
