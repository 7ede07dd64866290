package bemble.core.practice.features;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;

/** A problem with what makes it easy or hard; 58 + 687 and 687 + 58 have one {@code likeness}. */
public record FeaturedProblem(Problem problem, Features features) {
    /** A problem with its features, read off its working. */
    public static FeaturedProblem of(Problem problem) {
        return new FeaturedProblem(problem, Features.of(problem));
    }

    /** The same for problems that are alike: {@code a + b} and {@code b + a}, {@code a × b} and {@code b × a}. */
    public String likeness() {
        boolean turns = problem.operation() == Operation.ADDITION || problem.operation() == Operation.MULTIPLICATION;
        return problem.operation().sign() + (turns
                ? problem.operands().stream().map(Numeral::plain).sorted().toList()
                : problem.plainOperands());
    }
}
