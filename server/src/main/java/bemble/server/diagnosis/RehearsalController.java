package bemble.server.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.pupil.Rehearsal;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.ids.EntryId;
import bemble.server.limits.Limits;
import bemble.server.load.Cost;
import bemble.server.load.CostlyRequest;
import bemble.server.log.papers.SimulatedPapers;
import bemble.server.style.StyleService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tries a set on a simulated class. */
@RestController
class RehearsalController {
    private static final int OF_A_REHEARSAL = 6;
    /** What takes a second or so, in {@link CostlyRequest}’s unit: to rehearse questions, and to write their papers figure by figure. */
    private static final int MOST_REHEARSED = 60;
    private static final int MOST_WRITTEN = 7;
    private final KnownAnswers known;
    private final StyleService styles;
    private final SimulatedPapers simulated;

    RehearsalController(KnownAnswers known, StyleService styles, SimulatedPapers simulated) {
        this.known = known;
        this.styles = styles;
        this.simulated = simulated;
    }

    /** @param problems the questions as written, 40 at most */
    record RehearsalRequest(
            @NotEmpty(message = "Draw or type questions first; then they can be rehearsed.") @Size(max = Limits.REHEARSED_QUESTIONS, message = "A rehearsal takes {max} questions at most.") List<@NotNull(message = "A problem is missing.") @Size(max = Limits.PROBLEM_LETTERS, message = "This problem is too long.") String> problems,
            @Nullable Long seed) implements CostlyRequest {
        @Override
        public int cost() {
            return OF_A_REHEARSAL;
        }

        void isWithin(int most, String instead) {
            if (problems.stream().mapToInt(problem -> Cost.ofProblem(problem, null, null, null)).sum() > most) {
                throw Refusal.of("problems", "Numbers as long as these take too long here. " + instead);
            }
        }
    }

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
                    of.shown().stream().map(shown -> new ShownView(shown.name(), shown.questions())).toList(),
                    of.hidden(),
                    of.alike(), of.nobodyWrong());
        }
    }

    /** @param pupil which of the simulated pupils writes, from 0 */
    record SimulatedRequest(@NotNull(message = "Say what is rehearsed.") @Valid RehearsalRequest rehearsal,
            @NotNull(message = "Say which pupil writes.") Integer pupil) implements CostlyRequest {
        @Override
        public int cost() {
            return OF_A_REHEARSAL;
        }
    }

    /** @param first the first of the papers in the log */
    record SimulatedRun(@NotNull EntryId first) {}

    /** Lets an invented class work a set. */
    @PostMapping("/api/rehearse")
    RehearsalView rehearse(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody RehearsalRequest request) {
        request.isWithin(MOST_REHEARSED, "Rehearse fewer of them at once, or shorter ones.");
        return RehearsalView.of(rehearsal(request, styles.of(teacher.id())));
    }

    /** Has one of the simulated pupils write the same papers into the log, to be looked at figure by figure. */
    @PostMapping("/api/rehearse/papers")
    SimulatedRun write(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody SimulatedRequest request) {
        request.rehearsal().isWithin(MOST_WRITTEN, "Have the papers of shorter ones written.");
        HouseStyle style = styles.of(teacher.id());
        List<Rehearsal.RehearsedPaper> papers = rehearsal(request.rehearsal(), style).papers();
        if (request.pupil() < 0 || request.pupil() >= papers.size()) {
            throw Refusal.of("pupil", "There are " + papers.size() + " simulated pupils. Choose one of them.");
        }
        Rehearsal.RehearsedPaper paper = papers.get(request.pupil());
        return new SimulatedRun(simulated.write(teacher.id(), "Simulated: " + paper.pupil(), paper.written(), style,
                paper.secondsAFigure()));
    }

    private Rehearsal rehearsal(RehearsalRequest request, HouseStyle style) {
        List<Answers> sheet = known.of(request.problems().stream()
                .map(text -> new KnownAnswers.Wanted(ProblemText.kept(text), null, style))
                .toList());
        return Rehearsal.of(sheet, style, request.seed() == null ? 1 : request.seed());
    }
}
