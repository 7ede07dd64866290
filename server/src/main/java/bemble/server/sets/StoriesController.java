package bemble.server.sets;

import bemble.core.practice.Stories;
import bemble.core.problem.ProblemText;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import bemble.server.style.StyleService;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stories that a question can be told as. */
@RestController
class StoriesController {
    private final Stories stories;
    private final StyleService styles;

    StoriesController(Stories stories, StyleService styles) {
        this.stories = stories;
        this.styles = styles;
    }

    /** The stories that fit a question, with its numbers in them; the question as sets keep it, with points. */
    @GetMapping("/api/stories")
    List<String> of(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") String problem) {
        return stories.of(ProblemText.kept(problem), styles.of(teacher.id()));
    }

    /**
     * A story.
     *
     * @param story empty where it would not be true
     */
    record ToldAgain(@NotNull String story) {}

    /** A story told again for a question with other numbers; the questions as sets keep them, with points. */
    @GetMapping("/api/stories/again")
    ToldAgain again(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.STORY_LETTERS, message = "Shorten the story to {max} letters.") String story,
            @RequestParam @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") String before,
            @RequestParam @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") String now) {
        return new ToldAgain(
                stories.again(story, ProblemText.kept(before), ProblemText.kept(now), styles.of(teacher.id())));
    }
}
