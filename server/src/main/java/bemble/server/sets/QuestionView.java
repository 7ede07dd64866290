package bemble.server.sets;

import bemble.core.practice.features.FeatureTalk;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A question drawn up.
 *
 * @param text the problem as it is kept, numbers with a point
 * @param written the problem as it is written in the house style of whoever looks
 * @param answerSign what stands between the two, = or ≈
 * @param features a feature each to a number, or true or false
 * @param inWords the features in words
 * @param figures how many figures it takes to write
 */
record QuestionView(@NotNull Operation operation, @NotNull List<String> operands, @NotNull int decimals,
        @NotNull String text, @NotNull String written, @NotNull String answer, @NotNull String answerSign,
        @NotNull Map<String, Object> features,
        @NotNull String inWords, @NotNull int figures) {
    /** How questions are shown in a house style. */
    static Function<FeaturedProblem, QuestionView> in(HouseStyle style) {
        return question -> of(question, style);
    }

    static QuestionView of(FeaturedProblem question, HouseStyle style) {
        Problem problem = question.problem();
        return new QuestionView(problem.operation(), problem.plainOperands(),
                problem.decimals(), problem.text(), style.problem(problem), question.features().answer(),
                question.features().isCutOff() ? " ≈ " : " = ", WishesJson.write(question.features()),
                FeatureTalk.inWords(question.features()), question.features().figures());
    }
}
