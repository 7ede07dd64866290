package bemble.server.style;

import bemble.core.problem.Refusal;
import bemble.core.working.StepKind;
import bemble.server.account.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.ObjectMapper;

/** The teacher's own cues, and the keys they want. */
@RestController
@RequestMapping("/api/preferences")
public class PreferencesController {
    private final PreferencesMapper preferences;
    private final ObjectMapper json;

    PreferencesController(PreferencesMapper preferences, ObjectMapper json) {
        this.preferences = preferences;
        this.json = json;
    }

    /** A kind of step that can have a cue. */
    record StepKindView(@NotNull String id, @NotNull String label) {}

    record PreferencesView(@NotNull Preferences chosen, @NotNull List<StepKindView> kinds) {}

    @GetMapping
    PreferencesView preferences(@AuthenticationPrincipal SignedIn teacher) {
        return view(of(teacher.id()));
    }

    @PutMapping
    @Transactional
    public PreferencesView change(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody Preferences chosen) {
        chosen.cues().keySet().forEach(kind -> {
            if (Stream.of(StepKind.values()).noneMatch(each -> each.id().equals(kind))) {
                throw Refusal.of("cues." + kind, "There is no kind of step called “" + kind + "”.");
            }
        });
        preferences.save(teacher.id(), json.writeValueAsString(chosen));
        return view(chosen);
    }

    private Preferences of(long teacherId) {
        return preferences.find(teacherId).map(text -> json.readValue(text, Preferences.class)).orElse(Preferences.USUAL);
    }

    private static PreferencesView view(Preferences chosen) {
        return new PreferencesView(chosen, Arrays.stream(StepKind.values())
                .map(kind -> new StepKindView(kind.id(), kind.label())).toList());
    }
}
