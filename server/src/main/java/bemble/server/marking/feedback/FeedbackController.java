package bemble.server.marking.feedback;

import bemble.server.account.SignedIn;
import bemble.server.classes.Pupil;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.marking.feedback.FeedbackService.ToChild;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the children of a pile are told about their sheets. */
@RestController
@RequestMapping("/api/markings/{id}/feedback")
class FeedbackController {
    private final FeedbackService feedback;

    FeedbackController(FeedbackService feedback) {
        this.feedback = feedback;
    }

    /**
     * What a child is told.
     *
     * @param own whether these are the teacher's own words
     */
    record FeedbackView(@NotNull Pupil pupil, @NotNull String words, @NotNull boolean own) {
        static FeedbackView of(ToChild each) {
            return new FeedbackView(each.pupil(), each.words(), each.own());
        }
    }

    /** @param words may be empty: then what is made from the answers is said again */
    record FeedbackWords(
            @NotNull(message = "Type the words, or nothing for those made from the answers.") @Size(max = Limits.FEEDBACK_LETTERS, message = "This is more than a child reads. Keep it to two short sentences.") String words) {}

    /** What each child is told who was there and answered. */
    @GetMapping
    List<FeedbackView> of(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return feedback.of(teacher.id(), id).stream().map(FeedbackView::of).toList();
    }

    /** Keeps the teacher's own words to a child. */
    @PutMapping("/{pupil}")
    List<FeedbackView> keep(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil, @Valid @RequestBody FeedbackWords own) {
        feedback.keep(teacher.id(), id, pupil, own.words());
        return of(teacher, id);
    }
}
