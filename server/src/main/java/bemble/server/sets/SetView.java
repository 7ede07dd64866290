package bemble.server.sets;

import bemble.core.practice.Effort;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.style.HouseStyle;
import bemble.server.ids.SetId;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A set with what follows from its questions.
 *
 * @param questions for each question what makes it hard and what it comes to
 * @param minutes how long they take a pupil, roughly
 * @param revision how often it was changed; sent back with the next change
 */
record SetView(@NotNull SetId id, @NotNull SetContent content, @NotNull List<QuestionView> questions,
        @NotNull int minutes, @NotNull boolean archived, @NotNull int revision) {
    /** What stands in the store. */
    static SetView of(StoredSet stored, SetContent content, HouseStyle style) {
        List<FeaturedProblem> questions = SetReading.questions(content);
        return new SetView(stored.id(), content, questions.stream().map(QuestionView.in(style)).toList(),
                Effort.minutes(questions), stored.archived(), stored.revision());
    }
}
