package bemble.server.sets;

import bemble.core.print.PageLayout;
import bemble.core.print.PaperSize;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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
public record SetContent(
        @NotBlank(message = "Give the set a title of 1 to 120 letters.") @Size(max = Limits.TITLE_LETTERS, message = "Give the set a title of 1 to {max} letters.") String title,
        @NotNull(message = "The class is missing; it may be empty.") @Size(max = Limits.TAG_LETTERS, message = "Type a class of {max} letters at most.") String tag,
        @Nullable Operation operation,
        @Size(max = Limits.RUNG_LETTERS, message = "This is not a rung.") @Nullable String rung,
        @Size(max = Limits.WISHES, message = "These are more wishes than there are features.") @Nullable Map<String, Object> want,
        @Nullable Long seed,
        @Nullable Integer passMark,
        @NotNull(message = "The questions are missing; there may be none.") @Size(max = Limits.QUESTIONS, message = "A set has {max} questions at most. Begin another set.") List<@Valid @NotNull(message = "A question is missing.") SetQuestion> questions,
        @NotNull(message = "The layout is missing.") @Valid LayoutChoice layout) {

    /**
     * A question of a set.
     *
     * @param problem as typed, like {@code 487 + 96}
     * @param story a word problem that goes with it, or empty
     * @param part shown, together or alone
     */
    public record SetQuestion(
            @NotNull(message = "The problem is missing.") @Size(max = Limits.PROBLEM_LETTERS, message = "This problem is too long.") String problem,
            @NotNull(message = "The story is missing; it may be empty.") @Size(max = Limits.STORY_LETTERS, message = "Shorten the story to {max} letters.") String story,
            @NotNull(message = "Say shown, together or alone.") String part) {
        /** @throws Refusal where it is none that can be worked */
        public Problem read() {
            return ProblemText.kept(problem);
        }
    }

    /**
     * How the set is printed.
     *
     * @param toBeRead whether filled pages can be read from a picture; left out where nobody has said so
     * @param explain whether there are lines to tell each question in words; left out where nobody has said so
     */
    public record LayoutChoice(
            @NotNull(message = "Say which paper.") String paper,
            @NotNull(message = "Say how many columns.") Integer columns,
            @NotNull(message = "Say how large the squares are.") Integer square,
            @NotNull(message = "Say whether the numbers stand set out.") Boolean setOut,
            @NotNull(message = "Say whether there are boxes for carries.") Boolean carryBoxes,
            @NotNull(message = "Say whether there is room for a check.") Boolean checkRow,
            @NotNull(message = "Say whether there are lines for name and date.") Boolean nameLine,
            @NotNull(message = "Say whether it is large print.") Boolean largePrint,
            @NotNull(message = "Say whether worked answers have sentences.") Boolean sentences,
            @Nullable Boolean toBeRead,
            @Nullable Boolean explain) {
        /** Where nothing was said, pages can be read if they can be at all. */
        boolean isToBeRead() {
            return toBeRead == null ? PageLayout.canBeRead(PaperSize.of(paper), square, setOut) : toBeRead;
        }
    }

    SetContent with(String otherTitle, List<SetQuestion> others) {
        return new SetContent(otherTitle, tag, operation, rung, want, seed, passMark, others, layout);
    }
}
