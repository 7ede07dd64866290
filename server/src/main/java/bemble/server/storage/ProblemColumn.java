package bemble.server.storage;

import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;

/** Keeps a problem as its line of text. */
@Component
@MappedTypes({Problem.class, Problem.Addition.class, Problem.Subtraction.class, Problem.Multiplication.class,
    Problem.Division.class, Problem.SquareRoot.class})
final class ProblemColumn extends TextColumn<Problem> {
    @Override
    String text(Problem problem) {
        return problem.text();
    }

    @Override
    Problem value(String text) {
        return ProblemText.kept(text);
    }
}
