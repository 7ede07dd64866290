package bemble.server.sets;

import bemble.core.practice.Ladder;
import bemble.core.practice.TellingSet;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Fault;
import bemble.core.problem.Operation;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import bemble.server.load.CostlyRequest;
import bemble.server.style.StyleService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a set is designed with: ladders, features, telling questions, and problems typed or pasted. */
@RestController
@RequestMapping("/api/sets")
class DesignController {

    private final StyleService styles;

    DesignController(StyleService styles) {
        this.styles = styles;
    }

    record FeatureView(@NotNull String id, @NotNull String label, @NotNull boolean yesNo, @NotNull int least,
            @NotNull int most) {}

    record RungView(@NotNull String id, @NotNull String title, @NotNull String news,
            @NotNull Map<String, Object> want) {}

    record LadderView(@NotNull Operation operation, @NotNull String title, @NotNull List<RungView> rungs,
            @NotNull List<FeatureView> features) {}

    /** @param text problems as typed, one on a line */
    record Typed(@NotNull(message = "Type a problem, like 487 + 96.") String text) {}

    /** @param answers for each question the answer that the slip leads to, or null where it cannot happen */
    record SlipRow(@NotNull String slip, @NotNull String label, @NotNull List<String> answers) {}

    record Telling(@NotNull List<QuestionView> problems, @NotNull List<SlipRow> slips, @NotNull String inWords) {}

    record TellingRequest(@NotNull(message = "Say which operation.") Operation operation, @Nullable Integer count,
            @Nullable Long seed,
            @Size(max = Limits.WISHES, message = "These are more wishes than there are features.") @Nullable Map<String, Object> want)
            implements CostlyRequest {
        @Override
        public int cost() {
            return DraftController.OF_A_DRAFT;
        }
    }

    /** The ladders with their rungs and what can be wished for. */
    @GetMapping("/ladders")
    List<LadderView> ladders() {
        return Stream.of(Operation.values()).map(operation -> new LadderView(operation, operation.title(),
                Ladder.of(operation).stream().map(rung -> new RungView(rung.id(), rung.title(), rung.news(),
                        WishesJson.write(rung.wishes()))).toList(),
                Feature.of(operation).stream().map(feature -> new FeatureView(feature.id(), feature.label(),
                        feature.isYesNo(), feature.least(), feature.most())).toList()))
                .toList();
    }

    /** Reads typed problems, in the teacher's own punctuation; a line that cannot be worked is named with its reason, and then none is taken. */
    @PostMapping("/questions")
    List<QuestionView> questions(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody Typed typed) {
        HouseStyle style = styles.of(teacher.id());
        Punctuation punctuation = style.point().punctuation();
        List<QuestionView> questions = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        String[] lines = typed.text().split("\\R");
        if (lines.length > Limits.PASTED_LINES) {
            throw Refusal.of("text",
                    "These are more lines than a set has questions. Add " + Limits.PASTED_LINES + " at most at once.");
        }
        for (int i = 0; i < lines.length; i++) {
            if (!lines[i].isBlank()) {
                try {
                    questions.add(
                            QuestionView.of(FeaturedProblem.of(ProblemText.read(lines[i], 0, punctuation)), style));
                } catch (Refusal refusal) {
                    faults.add(new Fault("line " + (i + 1), "Line " + (i + 1) + ": " + refusal.getMessage()));
                }
            }
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        if (questions.isEmpty()) {
            throw Refusal.of("text", "Type a problem, like 487 + 96; one on each line where there are several.");
        }
        return questions;
    }

    /** Chooses questions in which slips give different answers. */
    @PostMapping("/telling")
    Telling telling(@AuthenticationPrincipal @Nullable SignedIn viewer, @Valid @RequestBody TellingRequest request) {
        int count = request.count() == null ? 0 : request.count();
        if (count < 1 || count > Limits.TELLING_QUESTIONS) {
            throw Refusal.of("count", "Choose 1 to " + Limits.TELLING_QUESTIONS + " telling questions.");
        }
        Wishes wishes = WishesJson.read(request.operation(), request.want());
        long seed = request.seed() == null ? 1 : request.seed();
        TellingSet set = TellingSet.of(wishes, count, seed, DraftController.LONGEST);
        return new Telling(set.questions().stream().map(QuestionView.in(styles.ofViewer(viewer))).toList(),
                set.answers().entrySet().stream()
                        .map(row -> new SlipRow(row.getKey().id(), row.getKey().label(), row.getValue())).toList(),
                set.inWords());
    }
}
