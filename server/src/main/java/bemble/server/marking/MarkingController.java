package bemble.server.marking;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.marking.Views.MarkedPaperView;
import bemble.server.marking.Views.MarkingView;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.MarkingLine;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.Piles;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Marks the papers of the classes of the teacher signed in. */
@RestController
@RequestMapping("/api/markings")
class MarkingController {
    private final Piles piles;
    private final PaperAnswers paperAnswers;
    private final Judging judging;
    private final JudgingQueue queue;

    MarkingController(Piles piles, PaperAnswers paperAnswers, Judging judging, JudgingQueue queue) {
        this.piles = piles;
        this.paperAnswers = paperAnswers;
        this.judging = judging;
        this.queue = queue;
    }

    /**
     * @param code the code at the foot of the sheet
     * @param setId a set as it is now, instead of a printed sheet
     */
    record BegunMarking(@NotNull(message = "Choose a class.") ClassId classId,
            @Size(max = Limits.CODE_LETTERS, message = "A code is shorter than this.") @Nullable String code,
            @Nullable SetId setId) {}

    /**
     * What stands on a paper for a question.
     *
     * @param state right, given, blank, not-reached or unclear
     * @param given the first answer
     * @param correction the pupil's own correction beside it
     * @param how how it was done, in the teacher's own code
     * @param cause what the teacher decided it is
     * @param revision the revision of the answer over which this is written, 0 where none stood there; left out to keep this
     *     whatever another window has kept meanwhile
     */
    record AnswerContent(@NotNull(message = "Say right, given, blank, not-reached or unclear.") AnswerState state,
            @Size(max = Limits.ANSWER_LETTERS, message = "This answer is too long to be one number.") @Nullable String given,
            @Size(max = Limits.ANSWER_LETTERS, message = "This answer is too long to be one number.") @Nullable String correction,
            @Size(max = Limits.CODE_LETTERS, message = "Use a code of {max} letters at most.") @Nullable String how,
            @Size(max = Limits.CAUSE_LETTERS, message = "This is not a cause.") @Nullable String cause,
            @Min(value = 0, message = "Revisions are counted from 0.") @Nullable Integer revision) {}

    /**
     * @param state right or not-reached
     * @param how how it was done, in the teacher's own code
     */
    record RestOfPaper(@NotNull(message = "Say right or not-reached.") AnswerState state,
            @Size(max = Limits.CODE_LETTERS, message = "Use a code of {max} letters at most.") @Nullable String how) {}

    /** @param questions the questions whose wrong answers are put down to it */
    record CauseOfSeveral(
            @NotNull(message = "Say which cause.") @Size(max = Limits.CAUSE_LETTERS, message = "This is not a cause.") String cause,
            @NotNull(message = "Say for which questions.") @Size(min = 1, max = Limits.QUESTIONS, message = "A sheet has 1 to {max} questions.") List<@NotNull(message = "A question is missing.") Integer> questions) {}

    record DayOfWork(@NotNull(message = "Give the day on which the papers were written.") LocalDate workedOn) {}

    /** @param sheet the code of the sheet this pupil worked on; left out where it stays */
    record PaperContent(
            @Size(max = Limits.CODE_LETTERS, message = "A code is shorter than this.") @Nullable String sheet,
            @NotNull(message = "Say whether the pupil was absent.") Boolean absent) {}

    record AnswersTaken(@NotNull int answers) {}

    /** Newest first; how many there are in all stands in the header {@code X-Total-Count}. */
    @GetMapping
    ResponseEntity<List<MarkingLine>> all(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "0") @Min(0) int offset,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Limits.ROWS_READ) int most) {
        return piles.search(teacher.id(), search, offset, most).answer();
    }

    /** Begins a pile of papers. */
    @PostMapping
    MarkingLine begin(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody BegunMarking begun) {
        return piles.begin(teacher.id(), begun.classId(), begun.code(), begun.setId());
    }

    /** A pile with its papers and what stands on them. */
    @GetMapping("/{id}")
    MarkingView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        MarkingView view = judging.view(teacher.id(), id);
        queue.later(teacher.id(), id,
                view.papers().stream().filter(paper -> !paper.judged()).map(paper -> paper.pupil().id()).toList());
        return view;
    }

    /** Deletes a pile; it can be brought back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        piles.delete(teacher.id(), id);
    }

    /** Brings a deleted pile back. */
    @PostMapping("/{id}/restore")
    MarkingView restore(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        piles.restore(teacher.id(), id);
        return judging.view(teacher.id(), id);
    }

    /** Keeps what stands on a paper for a question. */
    @PutMapping("/{id}/papers/{pupil}/answers/{question}")
    MarkedPaperView keep(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @PathVariable int question, @Valid @RequestBody AnswerContent content) {
        paperAnswers.keep(teacher.id(), id, MarkedAnswer.of(pupil, question, content.state(), plain(content.given()),
                plain(content.correction()), plain(content.how()), Causes.checked(content.cause())),
                content.revision());
        return queue.soon(teacher.id(), id, pupil);
    }

    private static String plain(@Nullable String text) {
        return text == null ? "" : text.strip();
    }

    /** Takes what stands for a question out again. */
    @DeleteMapping("/{id}/papers/{pupil}/answers/{question}")
    MarkedPaperView remove(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @PathVariable int question, @RequestParam(required = false) Integer revision) {
        paperAnswers.remove(teacher.id(), id, pupil, question, revision);
        return queue.soon(teacher.id(), id, pupil);
    }

    /** Says what everything on a paper is that nothing was said of. */
    @PostMapping("/{id}/papers/{pupil}/rest")
    MarkedPaperView rest(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @Valid @RequestBody RestOfPaper rest) {
        paperAnswers.rest(teacher.id(), id, pupil, rest.state(), plain(rest.how()));
        return queue.soon(teacher.id(), id, pupil);
    }

    /** Decides on one cause for several answers of a paper. */
    @PutMapping("/{id}/papers/{pupil}/cause")
    MarkedPaperView decide(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @Valid @RequestBody CauseOfSeveral decided) {
        paperAnswers.decide(teacher.id(), id, pupil, Causes.checked(decided.cause()), decided.questions());
        return queue.soon(teacher.id(), id, pupil);
    }

    /** Says on which day the papers were written. */
    @PutMapping("/{id}/day")
    MarkingView workedOn(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @Valid @RequestBody DayOfWork day) {
        piles.workedOn(teacher.id(), id, day.workedOn());
        return judging.view(teacher.id(), id);
    }

    /** Says on which sheet a pupil worked, or that they were absent. */
    @PutMapping("/{id}/papers/{pupil}")
    MarkedPaperView paper(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @Valid @RequestBody PaperContent content) {
        paperAnswers.paper(teacher.id(), id, pupil, content.sheet(), content.absent());
        return queue.soon(teacher.id(), id, pupil);
    }

    /** Takes answers in from CSV, all or none. */
    @PostMapping(value = "/{id}/import", consumes = "text/csv")
    AnswersTaken takeIn(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @RequestBody(required = false) byte[] file) {
        List<MarkedAnswer> answers = paperAnswers.takeIn(teacher.id(), id, file);
        queue.later(teacher.id(), id, answers.stream().map(MarkedAnswer::pupilId).distinct().toList());
        return new AnswersTaken(answers.size());
    }
}
