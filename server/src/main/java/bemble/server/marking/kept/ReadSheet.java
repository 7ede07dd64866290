package bemble.server.marking.kept;

import bemble.core.entry.RightAnswer;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.util.List;

/** A sheet's problems with what is right in each, worked out once for all papers. */
public record ReadSheet(List<Problem> problems, List<RightAnswer> right, HouseStyle style) {
    public static ReadSheet of(List<Problem> problems, HouseStyle style) {
        return new ReadSheet(problems, problems.parallelStream().map(problem -> right(problem, style)).toList(), style);
    }

    private static RightAnswer right(Problem problem, HouseStyle style) {
        return RightAnswer.of(problem, Methods.find(problem, null, style));
    }

    public Problem problem(int question) {
        return problems.get(question - 1);
    }

    /** What an answer is: right, wrong, blank, not-reached or unclear. */
    public AnswerVerdict verdict(MarkedAnswer answer) {
        return answer.state() == AnswerState.GIVEN ? ofGiven(answer, right.get(answer.question() - 1))
                : AnswerVerdict.of(answer.state());
    }

    /** The same of an answer by itself. */
    public static AnswerVerdict verdict(MarkedAnswer answer, Problem problem, HouseStyle style) {
        return answer.state() == AnswerState.GIVEN ? ofGiven(answer, right(problem, style))
                : AnswerVerdict.of(answer.state());
    }

    private static AnswerVerdict ofGiven(MarkedAnswer answer, RightAnswer right) {
        return switch (right.verdict(answer.given(), Punctuation.POINT)) {
            case CORRECT -> AnswerVerdict.RIGHT;
            case WRONG -> AnswerVerdict.WRONG;
            case UNREADABLE -> AnswerVerdict.UNCLEAR;
        };
    }
}
