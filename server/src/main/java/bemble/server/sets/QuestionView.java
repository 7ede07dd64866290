package bemble.server.sets;

import bemble.core.practice.features.FeatureTalk;
import bemble.core.practice.features.Question;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;

/**
 * A question drawn up.
 *
 * @param text the problem as it is typed
 * @param answerSign what stands between the two, = or ≈
 * @param features a feature each to a number, or true or false
 * @param inWords the features in words
 * @param figures how many figures it takes to write
 */
record QuestionView(@NotNull Operation operation, @NotNull List<String> operands, @NotNull int decimals,
        @NotNull String text, @NotNull String answer, @NotNull String answerSign,
        @NotNull Map<String, Object> features,
        @NotNull String inWords, @NotNull int figures) {
    static QuestionView of(Question question) {
        return new QuestionView(question.problem().operation(),
                question.problem().operands().stream().map(Numeral::plain).toList(), question.problem().decimals(),
                question.problem().text(), question.features().answer(),
                question.features().isCutOff() ? " ≈ " : " = ", WishesJson.write(question.features()),
                FeatureTalk.inWords(question.features()), question.features().figures());
    }
}
