package bemble.server.work;

import bemble.core.fact.FactWay;
import bemble.core.fact.FactWays;
import bemble.core.order.Explanation;
import bemble.core.order.Worked;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Words that help with a working: how to find a fact, and the whole told in plain sentences. */
@RestController
class HelpController {
    record FactWayView(@NotNull String name, @NotNull List<String> lines) {}

    record Told(@NotNull String text) {}

    /**
     * Ways to find a small fact.
     *
     * @param sign +, −, × or ÷
     * @param numbers the numbers of a small fact, as a step has them
     */
    @GetMapping("/api/facts")
    List<FactWayView> facts(@RequestParam @Size(min = 1, max = 1, message = "Give one sign: +, −, × or ÷.") String sign,
            @RequestParam @Size(max = Limits.FACT_NUMBERS, message = "A fact has fewer numbers.") List<@Min(0) @Max(Limits.FACT_NUMBER) Integer> numbers) {
        return FactWays.to(sign.charAt(0), numbers).stream().map(HelpController::view).toList();
    }

    private static FactWayView view(FactWay way) {
        return new FactWayView(way.name(), way.lines());
    }

    /** A working told in whole sentences. */
    @PostMapping("/api/explanation")
    Told explanation(@Valid @RequestBody WorkRequest request) {
        return new Told(Explanation.of(Worked.from(request.order().withCare())));
    }
}
