package bemble.server.sets;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * A practice set as its teacher designed it.
 *
 * @param tag the class or group it is for
 * @param operation what the questions were last drawn for
 * @param rung the rung they were drawn from, or null
 * @param want the features wished for
 * @param seed the seed they were drawn with
 * @param passMark right answers that are enough, or null where it is no quiz
 */
record SetContent(
        @NotNull(message = "The title is missing.")
        @Size(min = 1, max = 120, message = "Give the set a title of 1 to 120 letters.") String title,
        @NotNull(message = "The class is missing; it may be empty.")
        @Size(max = 60, message = "Type a class of 60 letters at most.") String tag,
        String operation,
        String rung,
        Map<String, Object> want,
        Long seed,
        Integer passMark,
        @NotNull(message = "The questions are missing; there may be none.")
        @Size(max = 200, message = "A set has 200 questions at most. Begin another set.")
        List<@Valid @NotNull SetQuestion> questions,
        @NotNull(message = "The layout is missing.") @Valid LayoutChoice layout) {

    /**
     * A question of a set.
     *
     * @param problem as typed, like {@code 487 + 96}
     * @param story a word problem that goes with it, or empty
     * @param part shown, together or alone
     */
    record SetQuestion(
            @NotNull(message = "The problem is missing.") String problem,
            @NotNull(message = "The story is missing; it may be empty.")
            @Size(max = 600, message = "Shorten the story to 600 letters.") String story,
            @NotNull(message = "Say shown, together or alone.") String part) {}

    /** How the set is printed. */
    record LayoutChoice(@NotNull String paper, @NotNull Integer columns, @NotNull Integer square, @NotNull Boolean setOut,
                        @NotNull Boolean carryBoxes, @NotNull Boolean checkRow, @NotNull Boolean nameLine,
                        @NotNull Boolean largePrint, @NotNull Boolean sentences) {}

    SetContent with(String otherTitle, List<SetQuestion> others) {
        return new SetContent(otherTitle, tag, operation, rung, want, seed, passMark, others, layout);
    }
}
