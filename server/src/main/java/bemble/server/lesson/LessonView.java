package bemble.server.lesson;

import bemble.core.lesson.Stage;
import bemble.server.ids.SetId;
import bemble.server.style.WrittenProblem;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as a teacher sees it.
 *
 * @param source what it is about: set~12, rung~ID or group~CLASS~DAY~KIND~RUNG~SLIP
 * @param aside whose it is and why it comes, in a sentence; empty where there is nothing to say
 * @param minutes what its parts come to without those skipped
 * @param revision 0 while nothing was changed
 * @param setId the set of what is done alone, where it was made
 */
record LessonView(@NotNull String source, @NotNull String title, @NotNull String aside, @NotNull int minutes,
        @NotNull int revision,
        @NotNull List<StageView> stages, @Nullable SetId setId) {
    /**
     * A part.
     *
     * @param name what it is called
     * @param does what is done in it, in a sentence
     * @param slip the slip its working is written with, or null
     * @param mistake what somebody does who makes it, in a sentence; empty without one
     */
    record StageView(@NotNull Stage.Kind kind, @NotNull String name, @NotNull String does, @NotNull int minutes,
            @NotNull List<WrittenProblem> problems, @Nullable String slip, @NotNull String mistake,
            @NotNull boolean skipped) {}
}
