package bemble.server.log;

import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.server.account.SignedIn;
import bemble.server.style.StyleText;
import bemble.server.work.WorkRequest;
import bemble.server.writing.MarkResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Papers while somebody writes them; they stand in the log of the teacher signed in. */
@RestController
@RequestMapping("/api/attempts")
class AttemptController {
    private final AttemptService attempts;
    private final StyleText styles;

    AttemptController(AttemptService attempts, StyleText styles) {
        this.attempts = attempts;
        this.styles = styles;
    }

    /**
     * A paper to begin.
     *
     * @param setId the set that the problem is from
     * @param question its number there, from 1
     */
    record Begun(@NotNull(message = "Say which problem is written.") @Valid WorkRequest work,
                 @NotNull(message = "Say how it is written.") @Valid AttemptSettings settings,
                 Long setId, @Min(value = 1, message = "Questions are counted from 1.") Integer question,
                 @Size(max = 120, message = "A date or class takes at most 120 letters.") String label) {}

    /** @param state {@code open} while somebody is at it, then how it was marked */
    record AttemptView(@NotNull long id, @NotNull WorkRequest work, @NotNull String problem, @NotNull AttemptSettings settings,
                       @NotNull List<AttemptFigure> figures, @NotNull String state, @NotNull String answer,
                       @NotNull OffsetDateTime begunAt, UUID run, Long setId, Integer question, @NotNull String label) {}

    /** @param from how many things had been done on the paper before these */
    record Done(@Min(value = 0, message = "What was done is counted from 0.") int from,
                @NotNull(message = "Say what was done.") @Size(max = 5000, message = "Send at most 5000 things at once.")
                List<@Valid @NotNull(message = "A thing is missing here.") AttemptFigure> figures) {}

    record Kept(@NotNull int count) {}

    /** The questions of a set, to be worked through one after the other. */
    record BegunRun(@NotNull(message = "Say which questions.") @Size(min = 1, max = 200, message = "A set is worked through with 1 to 200 questions.")
                    List<@Valid @NotNull(message = "A question is missing here.") Begun> papers) {}

    record RunView(@NotNull UUID run, @NotNull long first) {}

    @PostMapping
    AttemptView begin(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody Begun begun) {
        return view(attempts.begin(teacher.id(), toBegin(begun, null)));
    }

    /** Begins a paper for each question of a set, all or none. */
    @PostMapping("/run")
    RunView beginRun(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody BegunRun begun) {
        UUID run = UUID.randomUUID();
        List<AttemptService.ToBegin> papers = begun.papers().stream().map(each -> toBegin(each, run)).toList();
        return new RunView(run, attempts.beginAll(teacher.id(), papers).get(0).entry().id());
    }

    private static AttemptService.ToBegin toBegin(Begun begun, UUID run) {
        return new AttemptService.ToBegin(begun.work().order(), begun.settings(),
                new AttemptService.Source(run, begun.setId(), begun.question()), begun.label() == null ? "" : begun.label());
    }

    @GetMapping
    List<AttemptView> ofRun(@AuthenticationPrincipal SignedIn teacher, @RequestParam UUID run) {
        return attempts.ofRun(teacher.id(), run).stream().map(this::view).toList();
    }

    @GetMapping("/{id}")
    AttemptView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return view(attempts.find(teacher.id(), id));
    }

    @PostMapping("/{id}/figures")
    Kept add(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id, @Valid @RequestBody Done done) {
        return new Kept(attempts.add(teacher.id(), id, done.from(), done.figures()));
    }

    @PutMapping("/{id}/settings")
    AttemptView change(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @Valid @RequestBody AttemptSettings settings) {
        return view(attempts.change(teacher.id(), id, settings));
    }

    /** Marks the paper and keeps how it came out; it can be gone on with and marked again. */
    @PostMapping("/{id}/mark")
    MarkResponse mark(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return attempts.mark(teacher.id(), id);
    }

    private AttemptView view(AttemptService.Attempt attempt) {
        LogEntry entry = attempt.entry();
        return new AttemptView(entry.id(), WorkRequest.again(ProblemText.read(entry.problem(), 0, Punctuation.POINT),
                entry.method(), styles.read(entry.choices()), entry.checkKind()), entry.problem(), attempt.settings(),
                attempt.figures(), entry.written(), entry.answer(), entry.workedAt(), attempt.run(), attempt.setId(),
                attempt.question(), entry.label());
    }
}
