package bemble.server.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.diagnosis.Finding;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.NextQuestion;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Method;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.practice.Draft;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.slip.NamedRules;
import bemble.core.style.HouseStyle;
import bemble.server.limits.Limits;
import bemble.server.load.CostlyRequest;
import bemble.server.rules.SchoolRules;
import bemble.server.sets.WishesJson;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says what fits wrong answers, for anybody, and stores nothing. */
@RestController
@RequestMapping("/api/diagnose")
class DiagnosisController {
    private static final int ITEMS_A_UNIT = 5;
    private static final int OF_A_QUESTION = 3;
    private final KnownAnswers known;
    private final SchoolRules rules;

    DiagnosisController(KnownAnswers known, SchoolRules rules) {
        this.known = known;
        this.rules = rules;
    }

    /** Answers of one writer. */
    record SetRequest(
            @NotEmpty(message = "Give the answers to judge, one at least.") @Size(max = Limits.DIAGNOSED_ANSWERS, message = "These are more than {max} answers. Judge fewer at a time.") List<@Valid @NotNull(message = "An answer is missing here.") DiagnoseRequest> items)
            implements CostlyRequest {
        @Override
        public int cost() {
            return cost(items);
        }

        /** A few together cost little more than one, since each is small. */
        static int cost(@Nullable List<DiagnoseRequest> items) {
            int all = items == null ? 0 : items.stream().filter(Objects::nonNull).mapToInt(DiagnoseRequest::cost).sum();
            return 1 + all / ITEMS_A_UNIT;
        }
    }

    /**
     * A slip, or two together, as the cause of several answers.
     *
     * @param label what the hand does, and of a rule worked out that it was
     * @param fact of a fact known wrongly, that fact and what it is taken for, such as {@code 7x8=54}
     * @param explains how many of the {@code of} wrong answers it explains
     * @param chances on how many questions it would have changed the answer
     */
    record CauseView(@NotNull String slip, @Nullable String with, @NotNull String name, @NotNull String label,
            @Nullable String fact,
            @NotNull int explains, @NotNull int of,
            @NotNull int chances, @NotNull double confidence, @NotNull String sureness, @NotNull String say) {
        static CauseView of(Cause cause, NamedRules kept) {
            return new CauseView(cause.slip(), cause.with(), kept.name(cause.slips(), cause.problem().operation()),
                    DiagnosisWords.label(cause.slips(), cause.problem()), cause.fact(), cause.explains(), cause.of(),
                    cause.chances(),
                    cause.confidence(), DiagnosisWords.sureness(cause.confidence()), cause.say());
        }
    }

    /** A fact that was missed by a group, in so many of the questions in which it comes. */
    record FactView(@NotNull String fact, @NotNull int missed, @NotNull int of) {}

    /**
     * Answers of one writer as they are judged together.
     *
     * @param unknown how likely the writer has a habit that is not known, from 0 to 1
     * @param say what is to be said of the writer in a sentence; nothing where all is right
     */
    record SetResponse(@NotNull List<DiagnoseResponse> items, @NotNull List<CauseView> slips,
            @NotNull List<FactView> facts,
            @NotNull double unknown, @NotNull String say) {}

    /**
     * What the next question is wanted for.
     *
     * @param items what was asked and answered so far; may be left out
     * @param want what it should be like, as in drafts; may be left out
     * @param seed the same request and seed give the same question
     */
    record NextRequest(@Nullable Operation operation, @Nullable String method,
            @Size(max = Limits.DIAGNOSED_ANSWERS, message = "These are more than {max} answers. Judge fewer at a time.") @Nullable List<@Valid @NotNull(message = "An answer is missing here.") DiagnoseRequest> items,
            @Size(max = Limits.WISHES, message = "These are more wishes than there are features.") @Nullable Map<String, Object> want,
            @Nullable Long seed) implements CostlyRequest {
        @Override
        public int cost() {
            return OF_A_QUESTION + SetRequest.cost(items);
        }
    }

    record NextProblem(@NotNull Operation operation, @NotNull List<String> operands, @NotNull int decimals,
            @NotNull String text) {}

    /**
     * @param problem the question that tells most; left out where no more need be asked
     * @param done whether one is sure, or can never be
     */
    record NextResponse(@Nullable NextProblem problem, @NotNull String why, @NotNull List<CauseView> slips,
            @NotNull List<FactView> facts, @NotNull double unknown, @NotNull boolean done) {}

    /** Finds what one wrong answer may be due to. */
    @PostMapping
    DiagnoseResponse diagnose(@Valid @RequestBody DiagnoseRequest request) {
        WorkOrder order = request.order();
        Punctuation punctuation = order.style().answersWritten();
        Answers answers = answers(List.of(order)).get(0);
        Judged judged = Diagnosis.of(answers, request.given(), punctuation);
        List<String> slips = request.slips();
        Optional<Finding> asked = slips == null || slips.isEmpty() || slips.contains(null)
                || judged.findings().stream().anyMatch(finding -> finding.slips().equals(slips)) ? Optional.empty()
                        : Diagnosis.presumed(answers, slips);
        List<Finding> findings = Stream.concat(asked.stream(), judged.findings().stream()).toList();
        return DiagnoseResponse.of(judged.withFindings(findings), order, true, rules.now());
    }

    /** Finds what several answers have in common. */
    @PostMapping("/set")
    SetResponse set(@Valid @RequestBody SetRequest request) {
        List<WorkOrder> orders = orders(request.items());
        Writer writer = writer(request.items(), orders);
        List<Judged> judged = writer.items();
        List<DiagnoseResponse> items = new ArrayList<>();
        for (int i = 0; i < judged.size(); i++) {
            items.add(DiagnoseResponse.of(judged.get(i), orders.get(i), false, rules.now()));
        }
        return new SetResponse(items, causes(writer), facts(writer), writer.unknownHabit(), writer.say());
    }

    /** Draws the question whose answer tells most. */
    @PostMapping("/next")
    NextResponse next(@Valid @RequestBody NextRequest request) {
        if (request.operation() == null) {
            throw Refusal.of("operation", "Say which operation: addition, subtraction, multiplication, division or "
                    + "square-root.");
        }
        Operation operation = request.operation();
        List<DiagnoseRequest> given = request.items() == null ? List.of() : request.items();
        List<WorkOrder> orders = orders(given);
        for (WorkOrder order : orders) {
            if (order.problem().operation() != operation) {
                throw Refusal.of("items",
                        "“" + order.problem().text() + "” belongs to another operation. Ask about one at a "
                                + "time.");
            }
        }
        boolean open = request.want() == null || request.want().isEmpty();
        List<Wishes> wishes =
                open ? NextQuestion.usual(operation) : List.of(WishesJson.read(operation, request.want()));
        long seed = request.seed() == null ? 1 : request.seed();
        Problem model = new Draft(wishes.get(0), seed).draw(1).get(0).problem();
        Method<?> method = Methods.find(model, request.method(), HouseStyle.USUAL);
        Writer writer = given.isEmpty() ? null : writer(given, orders);
        NextQuestion next = NextQuestion.after(writer, wishes, method,
                orders.stream().map(order -> FeaturedProblem.of(order.problem())).toList(), seed);
        return new NextResponse(next.question() == null ? null : problem(next.question().problem()), next.why(),
                writer == null ? List.of() : causes(writer), writer == null ? List.of() : facts(writer),
                writer == null ? 0 : writer.unknownHabit(), next.done());
    }

    private static NextProblem problem(Problem problem) {
        return new NextProblem(problem.operation(), problem.operands().stream().map(Numeral::plain).toList(),
                problem.decimals(), problem.text());
    }

    private static List<WorkOrder> orders(List<DiagnoseRequest> items) {
        List<WorkOrder> orders = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            try {
                orders.add(items.get(i).order());
            } catch (Refusal refusal) {
                throw refusal.under("items[" + i + "]");
            }
        }
        int digits =
                orders.stream().flatMap(order -> order.problem().operands().stream()).mapToInt(Numeral::length).sum();
        if (digits > Limits.DIAGNOSED_DIGITS) {
            throw Refusal.of("items",
                    "These questions have more than " + Limits.DIAGNOSED_DIGITS
                            + " digits together. Judge fewer at a time.");
        }
        return orders;
    }

    private List<Answers> answers(List<WorkOrder> orders) {
        return known.of(orders.stream()
                .map(order -> new KnownAnswers.Wanted(order.problem(), order.method(), order.style())).toList());
    }

    private Writer writer(List<DiagnoseRequest> items, List<WorkOrder> orders) {
        List<Answers> answers = answers(orders);
        List<Item> given = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            given.add(new Item(answers.get(i), items.get(i).given()));
        }
        Punctuation punctuation = orders.isEmpty() ? Punctuation.POINT : orders.get(0).style().answersWritten();
        return Writer.of(given, punctuation);
    }

    private List<CauseView> causes(Writer writer) {
        NamedRules kept = rules.now();
        return writer.causes().stream().map(cause -> CauseView.of(cause, kept)).toList();
    }

    private static List<FactView> facts(Writer writer) {
        return writer.facts().stream().map(fact -> new FactView(fact.fact(), fact.missed(), fact.of())).toList();
    }
}
