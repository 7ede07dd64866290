package bemble.server.style;

import bemble.core.problem.Refusal;
import bemble.core.working.CueKind;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The teacher's own cues, and the keys they want. */
@RestController
@RequestMapping("/api/preferences")
class PreferencesController {
    private final PreferencesService preferences;

    PreferencesController(PreferencesService preferences) {
        this.preferences = preferences;
    }

    /** A kind of step that can have a cue. */
    record StepKindView(@NotNull String id, @NotNull String label) {}

    record PreferencesView(@NotNull Preferences chosen, @NotNull List<StepKindView> kinds) {
        static PreferencesView of(Preferences chosen) {
            return new PreferencesView(chosen,
                    CueKind.ALL.stream().map(kind -> new StepKindView(kind.id(), kind.label())).toList());
        }
    }

    /** What is to be other than it was; what is left out stays as it is. */
    record PreferencesChange(
            @Size(max = Limits.CUES, message = "These are more cues than there are kinds of steps.") @Nullable Map<String, @NotNull(message = "A cue is missing.") @Size(max = Limits.CUE_LETTERS, message = "Shorten the cue to {max} letters.") String> cues,
            @Nullable Boolean letterKeys,
            @Size(max = Limits.SENT_CODES, message = "These are more codes than anybody uses.") @Nullable List<HowCode> howCodes,
            @Nullable Boolean skipsFirstSteps) {}

    /** Cues, keys and marking codes of the teacher. */
    @GetMapping
    PreferencesView preferences(@AuthenticationPrincipal SignedIn teacher) {
        return PreferencesView.of(preferences.of(teacher.id()));
    }

    /** Changes cues, keys or marking codes. */
    @PatchMapping
    PreferencesView change(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody PreferencesChange change) {
        Map<String, String> cues = change.cues() == null ? Map.of() : change.cues();
        cues.keySet().stream().filter(kind -> !Preferences.isKind(kind)).findFirst().ifPresent(kind -> {
            throw Refusal.of("cues", "There is no kind of step called “" + kind + "”.");
        });
        return PreferencesView.of(preferences.change(teacher.id(), cues, change.letterKeys(), change.howCodes(),
                change.skipsFirstSteps()));
    }
}
