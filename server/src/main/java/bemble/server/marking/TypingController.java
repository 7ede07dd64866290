package bemble.server.marking;

import bemble.core.entry.LineForm;
import bemble.server.account.SignedIn;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.marking.Views.MarkedPaperView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is typed while a pile is marked, line by line. */
@RestController
@RequestMapping("/api/markings")
class TypingController {
    private final TypedLines lines;
    private final JudgingQueue queue;

    TypingController(TypedLines lines, JudgingQueue queue) {
        this.lines = lines;
        this.queue = queue;
    }

    /**
     * Something done to a paper.
     *
     * @param key made by who sends it, such as a UUID; what comes again under the same key is not done again
     * @param line what was typed, such as {@code 7 3152}; left out where a cause is decided
     * @param cause the cause decided for {@code questions}
     * @param seen the revision of the answer over which it was typed, 0 where none stood there; left out to keep it whatever came
     *     between
     * @param follows the key of one's own entry for the same question just before
     */
    record TypedEntry(
            @NotNull(message = "Give the entry a key.") @Size(min = Limits.KEY_LEAST, max = Limits.KEY_LETTERS, message = "A key has 8 to {max} letters.") String key,
            @Size(max = Limits.TYPED_LINE_LETTERS, message = "This line is too long. Type one answer a line.") @Nullable String line,
            @Size(max = Limits.CAUSE_LETTERS, message = "This is not a cause.") @Nullable String cause,
            @Size(max = Limits.QUESTIONS, message = "A sheet has 1 to {max} questions.") @Nullable List<@NotNull(message = "A question is missing.") Integer> questions,
            @Min(value = 0, message = "Revisions are counted from 0.") @Nullable Integer seen,
            @Size(max = Limits.KEY_LETTERS, message = "A key has 8 to {max} letters.") @Nullable String follows) {}

    /** @param line what was typed; nothing where a cause was decided */
    record TakenBackView(@NotNull String line, @NotNull MarkedPaperView paper) {}

    /** Does what was typed on a pupil's paper; the same entry sent twice is done once. */
    @PostMapping("/{id}/papers/{pupil}/entries")
    MarkedPaperView entry(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable PupilId pupil,
            @Valid @RequestBody TypedEntry typed) {
        lines.take(teacher.id(), id, pupil, new TypedLines.Entry(typed.key(), typed.line(), typed.cause(),
                typed.questions() == null ? List.of() : typed.questions(), typed.seen(), typed.follows()));
        return queue.soon(teacher.id(), id, pupil);
    }

    /** Takes an entry back. */
    @DeleteMapping("/{id}/entries/{key}")
    TakenBackView takeBack(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable String key) {
        TypedLines.TakenBack back = lines.takeBack(teacher.id(), id, key);
        return new TakenBackView(back.line(), queue.soon(teacher.id(), id, back.pupil().id()));
    }

    /**
     * A form that a line may have.
     *
     * @param pattern a regular expression for the whole line
     * @param movesOn whether the next paper comes after it
     */
    record FormView(@NotNull String id, @NotNull String pattern, @NotNull boolean movesOn, @NotNull String example,
            @NotNull String means) {}

    /** The forms of lines, in the order in which they are tried. */
    @GetMapping("/forms")
    List<FormView> forms() {
        return Arrays.stream(LineForm.values())
                .map(form -> new FormView(form.name().toLowerCase(Locale.ROOT).replace('_', '-'), form.pattern(),
                        form.movesOn(),
                        form.example(), form.means()))
                .toList();
    }
}
