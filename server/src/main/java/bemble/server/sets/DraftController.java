package bemble.server.sets;

import bemble.core.practice.Draft;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import bemble.server.load.CostlyRequest;
import bemble.server.style.StyleService;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Draws up questions to wishes and stores nothing. */
@RestController
@RequestMapping("/api/sets")
class DraftController {
    static final int OF_A_DRAFT = 4;
    /** Nobody waits longer for questions; until then those that were found might have been more. */
    static final Duration LONGEST = Duration.ofMillis(1700);

    private final StyleService styles;

    DraftController(StyleService styles) {
        this.styles = styles;
    }

    /**
     * What to draw.
     *
     * @param count 1 to 200
     * @param seed the same request and seed give the same questions; 1 where it is left out
     * @param want a feature each to a number, to {@code {min, max}}, or to true or false
     * @param easiestFirst whether those that take the fewest figures come first; otherwise they are mixed
     */
    record DraftRequest(@Nullable Operation operation, @Nullable Integer count, @Nullable Long seed,
            @Size(max = Limits.WISHES, message = "These are more wishes than there are features.") @Nullable Map<String, Object> want,
            @Nullable Boolean easiestFirst) implements CostlyRequest {
        @Override
        public int cost() {
            return OF_A_DRAFT;
        }
    }

    record Drawn(@NotNull List<QuestionView> problems) {}

    /**
     * A problem there is, of which another is wanted.
     *
     * @param seed another seed gives another problem
     */
    record AnotherRequest(
            @NotNull(message = "Say which problem another one is wanted for.") @Valid WorkRequest work,
            @NotNull(message = "Give a seed, any number.") Long seed) implements CostlyRequest {
        @Override
        public int cost() {
            return OF_A_DRAFT;
        }
    }

    /** Draws questions as they are wished for. */
    @PostMapping("/draft")
    Drawn draft(@AuthenticationPrincipal @Nullable SignedIn viewer, @Valid @RequestBody DraftRequest request) {
        if (request.operation() == null) {
            throw Refusal.of("operation", "Say which operation: addition, subtraction, multiplication, division or "
                    + "square-root.");
        }
        if (request.count() == null) {
            throw Refusal.of("count", "Say how many questions, 1 to " + Draft.MOST_QUESTIONS + ".");
        }
        Wishes wishes = WishesJson.read(request.operation(), request.want());
        long seed = request.seed() == null ? 1 : request.seed();
        Stream<FeaturedProblem> drawn = new Draft(wishes, seed).within(LONGEST).draw(request.count()).stream();
        Stream<FeaturedProblem> inOrder = Boolean.TRUE.equals(request.easiestFirst())
                ? drawn.sorted(Comparator.comparingInt(question -> question.features().figures())) : drawn;
        return new Drawn(inOrder.map(QuestionView.in(styles.ofViewer(viewer))).toList());
    }

    /** Draws a question that is as hard as another. */
    @PostMapping("/another")
    QuestionView another(@AuthenticationPrincipal @Nullable SignedIn viewer,
            @Valid @RequestBody AnotherRequest request) {
        Problem problem = request.work().order().problem();
        FeaturedProblem model = FeaturedProblem.of(problem);
        if (problem.operands().stream().anyMatch(number -> !number.isWhole())) {
            throw Refusal.of("problem", "Another like this is drawn for whole numbers. Type another problem.");
        }
        return QuestionView.of(new Draft(Wishes.like(model.features()), request.seed()).within(LONGEST)
                .draw(1, List.of(model)).get(0), styles.ofViewer(viewer));
    }
}
