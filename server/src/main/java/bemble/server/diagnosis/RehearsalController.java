package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.pupil.Rehearsal;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.style.StyleService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tries a set on a simulated class. */
@RestController
class RehearsalController {
    private static final int MOST = 40;
    private final KnownAnswers known;
    private final StyleService styles;

    RehearsalController(KnownAnswers known, StyleService styles) {
        this.known = known;
        this.styles = styles;
    }

    /** @param problems the questions as written, 40 at most */
    record RehearsalRequest(
            @NotEmpty(message = "Draw or type questions first; then they can be rehearsed.")
            @Size(max = MOST, message = "A rehearsal takes 40 questions at most.")
            List<@NotNull(message = "A problem is missing.") @Size(max = 700, message = "This problem is too long.") String> problems,
            Long seed) {}

    /** @param does the habit in a few words; empty of a careful pupil */
    record SimulatedView(@NotNull String pupil, @NotNull String does, @NotNull List<String> answers,
                         @NotNull List<Boolean> right, @NotNull int seconds) {}

    record ShownView(@NotNull String name, @NotNull int questions) {}

    /**
     * What a set did on a simulated class.
     *
     * @param minutes how long the middle one needs
     * @param slowest how long the slowest needs, in minutes
     * @param hidden common slips that no question gives a chance
     * @param alike slips that no question tells apart
     * @param nobodyWrong the questions that nobody gets wrong
     */
    record RehearsalView(@NotNull List<SimulatedView> papers, @NotNull int minutes, @NotNull int slowest,
                         @NotNull List<ShownView> shown, @NotNull List<String> hidden, @NotNull List<List<String>> alike,
                         @NotNull List<Integer> nobodyWrong) {
        static RehearsalView of(Rehearsal of) {
            return new RehearsalView(of.papers().stream().map(paper -> new SimulatedView(paper.pupil(), paper.does(),
                    paper.answers(), paper.right(), paper.seconds())).toList(), of.minutes(), of.slowest(),
                    of.shown().stream().map(shown -> new ShownView(shown.name(), shown.questions())).toList(), of.hidden(),
                    of.alike(), of.nobodyWrong());
        }
    }

    @PostMapping("/api/rehearse")
    RehearsalView rehearse(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody RehearsalRequest request) {
        HouseStyle style = styles.of(teacher.id());
        return known.read(() -> {
            List<Answers> sheet = request.problems().stream()
                    .map(text -> known.of(ProblemText.read(text, 0, Punctuation.POINT), null, style)).toList();
            return RehearsalView.of(Rehearsal.of(sheet, style, request.seed() == null ? 1 : request.seed()));
        });
    }
}
