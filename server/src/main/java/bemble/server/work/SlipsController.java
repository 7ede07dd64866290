package bemble.server.work;

import bemble.core.method.Methods;
import bemble.core.slip.Slip;
import bemble.core.slip.Slipped;
import bemble.core.style.Way;
import bemble.core.work.WorkOrder;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists the slips that can happen in a problem and change its answer, for a deliberate mistake. */
@RestController
@RequestMapping("/api/slips")
class SlipsController {
    record SlipView(@NotNull String id, @NotNull String label) {}

    @PostMapping
    List<SlipView> slips(@RequestBody WorkRequest request) {
        WorkOrder order = request.order();
        Way way = Methods.find(order.problem(), order.method(), order.style()).way();
        return Stream.of(Slip.values())
                .filter(slip -> Slipped.write(slip, order.problem(), way, order.style()).isPresent())
                .map(slip -> new SlipView(slip.id(), slip.label())).toList();
    }
}
