package bemble.server.estimate;

import bemble.core.estimate.Estimate;
import bemble.core.estimate.HeadEstimate;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Estimates before a problem is worked, and a teacher's own held against the answer. */
@RestController
@RequestMapping("/api/estimate")
class EstimateController {

    /**
     * What to estimate.
     *
     * @param keptDigits how many leading digits are kept in rounding, 1 where it is left out
     * @param head whether the numbers are those that a head would choose, however many digits are kept
     * @param own the teacher's own estimate, as typed; with it the answer comes back too
     */
    record EstimateRequest(@NotNull(message = "Say which problem to estimate.") @Valid WorkRequest work,
            @Nullable Integer keptDigits, @Nullable Boolean head, @Nullable String own) {}

    /**
     * @param value about how much comes out, in plain digits; of what a head works the least that it can be
     * @param expected what is to be expected in words, of what a head works; left out where only the rounded numbers were asked for
     */
    record EstimateView(@NotNull String statement, @NotNull String value, @NotNull int fewestDigits,
            @NotNull int mostDigits, @Nullable String expected,
            @Nullable String held) {}

    /** Estimates an answer, step by step. */
    @PostMapping
    EstimateView estimate(@Valid @RequestBody EstimateRequest request) {
        WorkOrder order = request.work().order();
        int kept = request.keptDigits() == null ? 1 : request.keptDigits();
        if (kept < 1 || kept > Limits.KEPT_DIGITS) {
            throw Refusal.of("keptDigits", "Round to 1, 2 or 3 leading digits.");
        }
        Estimate estimate = Estimate.of(order.problem(), kept, order.style());
        String held = request.own() == null ? null : held(request.own(), order);
        if (!Boolean.TRUE.equals(request.head())) {
            return new EstimateView(estimate.statement(), estimate.value(), estimate.fewestDigits(),
                    estimate.mostDigits(), null, held);
        }
        return HeadEstimate.of(order.problem(), order.style())
                .map(head -> new EstimateView(head.worked(), head.low().toPlainString(), estimate.fewestDigits(),
                        estimate.mostDigits(), head.expected(), held))
                .orElseGet(() -> new EstimateView("", estimate.value(), estimate.fewestDigits(), estimate.mostDigits(),
                        "An estimate would be as much work as the sum itself.", held));
    }

    private static String held(String own, WorkOrder order) {
        Numeral typed = ProblemText.number(own, "own", order.style().point().punctuation());
        return Estimate.against(order.problem(), typed, Numeral.of(Worked.from(order).answer().value()), order.style());
    }
}
