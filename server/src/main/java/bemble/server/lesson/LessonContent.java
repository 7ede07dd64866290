package bemble.server.lesson;

import bemble.core.lesson.Stage;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as it is kept and changed.
 *
 * @param setId the set that was made of what is done alone, or null
 */
record LessonContent(
        @NotNull(message = "The parts of the lesson are missing.") @Size(max = Limits.LESSON_PARTS, message = "A lesson has {max} parts at most.") List<@Valid @NotNull(message = "A part is missing.") StageContent> stages,
        @Nullable SetId setId) {

    /**
     * A part.
     *
     * @param kind which part of the lesson
     */
    record StageContent(@NotNull(message = "Say which part of a lesson it is.") Stage.Kind kind,
            @NotNull(message = "Say how long it takes.") Integer minutes,
            @NotNull(message = "Say what is worked in it.") @Size(max = Limits.QUESTIONS, message = "A part has {max} problems at most.") List<@NotNull(message = "A problem is missing.") Problem> problems,
            @Nullable String slip, @NotNull(message = "Say whether it is skipped.") Boolean skipped) {
        static StageContent of(Stage stage) {
            return new StageContent(stage.kind(), stage.minutes(), stage.problems(), stage.slip(), stage.skipped());
        }
    }

    static LessonContent of(List<Stage> stages) {
        return new LessonContent(stages.stream().map(StageContent::of).toList(), null);
    }

    LessonContent withSet(SetId made) {
        return new LessonContent(stages, made);
    }

    /** @throws Refusal where a part lasts longer than a lesson can, or is about a slip that there is not */
    void requireWhole() {
        stages.forEach(stage -> {
            if (stage.minutes() < 0 || stage.minutes() > Limits.PART_MINUTES) {
                throw Refusal.of("minutes", "Give a part 0 to " + Limits.PART_MINUTES + " minutes.");
            }
            if (stage.slip() != null) {
                Slips.requireKnown(stage.slip());
            }
        });
    }
}
