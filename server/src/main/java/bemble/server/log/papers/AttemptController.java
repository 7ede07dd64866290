package bemble.server.log.papers;

import bemble.server.account.SignedIn;
import bemble.server.ids.EntryId;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.work.WorkRequest;
import bemble.server.writing.MarkResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

    AttemptController(AttemptService attempts) {
        this.attempts = attempts;
    }

    /**
     * A paper to begin.
     *
     * @param setId the set that the problem is from
     * @param question its number there, from 1
     */
    record Begun(@NotNull(message = "Say which problem is written.") @Valid WorkRequest work,
            @NotNull(message = "Say how it is written.") @Valid AttemptSettings settings,
            @Nullable SetId setId,
            @Min(value = 1, message = "Questions are counted from 1.") @Nullable Integer question,
            @Size(max = Limits.LABEL_LETTERS, message = "A date or class takes at most {max} letters.") @Nullable String label) {}

    /** The questions of a set, to be worked through one after the other. */
    record BegunRun(
            @NotNull(message = "Say which questions.") @Size(min = 1, max = Limits.QUESTIONS, message = "A set is worked through with 1 to {max} questions.") List<@Valid @NotNull(message = "A question is missing here.") Begun> papers) {}

    record RunView(@NotNull UUID run, @NotNull EntryId first) {}

    /** Begins a paper to write on. */
    @PostMapping
    AttemptView begin(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody Begun begun) {
        return attempts.view(attempts.begin(teacher.id(), toBegin(begun, null)));
    }

    /** Begins a paper for each question of a set, all or none. */
    @PostMapping("/run")
    RunView beginRun(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody BegunRun begun) {
        UUID run = UUID.randomUUID();
        List<AttemptService.ToBegin> papers = begun.papers().stream().map(each -> toBegin(each, run)).toList();
        return new RunView(run, attempts.beginAll(teacher.id(), papers).get(0).entry().id());
    }

    private static AttemptService.ToBegin toBegin(Begun begun, @Nullable UUID run) {
        return new AttemptService.ToBegin(begun.work().order(), begun.settings(),
                new PaperSource(run, begun.setId(), begun.question(), null),
                begun.label() == null ? "" : begun.label());
    }

    /** The papers of a set that is worked through. */
    @GetMapping
    List<AttemptView> ofRun(@AuthenticationPrincipal SignedIn teacher, @RequestParam UUID run) {
        return attempts.ofRun(teacher.id(), run).stream().map(attempts::view).toList();
    }

    /** A paper with everything that was written on it. */
    @GetMapping("/{id}")
    AttemptView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id) {
        return attempts.view(attempts.find(teacher.id(), id));
    }

    /** Adds what was written since; other windows are told where they went on with it. */
    @PostMapping("/{id}/figures")
    KeptFigures add(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id,
            @Valid @RequestBody DoneFigures done) {
        return new KeptFigures(attempts.add(teacher.id(), id, done.from(), done.figures()));
    }

    /** Changes how a paper is written and marked. */
    @PutMapping("/{id}/settings")
    AttemptView change(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id,
            @Valid @RequestBody AttemptSettings settings) {
        return attempts.view(attempts.change(teacher.id(), id, settings));
    }

    /** Marks the paper and keeps how it came out; it can be gone on with and marked again. */
    @PostMapping("/{id}/mark")
    MarkResponse mark(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id) {
        return attempts.mark(teacher.id(), id);
    }
}
