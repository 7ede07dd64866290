package bemble.server.calculator;

import bemble.core.order.WorkOrder;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The calculator that answers are compared with. */
@RestController
@RequestMapping("/api/calculator")
class CalculatorController {
    record Display(@NotNull String text) {}

    /** What a calculator shows for a problem, to check an answer by. */
    @PostMapping
    Display display(@Valid @RequestBody WorkRequest request) {
        WorkOrder order = request.order();
        return new Display(order.style().point().punctuation().write(CalculatorStandIn.display(order.problem())));
    }
}
