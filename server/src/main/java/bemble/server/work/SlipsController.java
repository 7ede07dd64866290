package bemble.server.work;

import bemble.core.method.Methods;
import bemble.core.slip.Slip;
import bemble.core.slip.Slipped;
import bemble.core.style.Way;
import bemble.core.work.OddButRight;
import bemble.core.work.WorkOrder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists what may be looked for in a working: slips that change the answer, and what looks odd and is right. */
@RestController
@RequestMapping("/api/slips")
class SlipsController {
    record SlipView(@NotNull String id, @NotNull String label) {}

    /** @param work asks for the working that looks odd */
    record OddView(@NotNull String label, @NotNull WorkRequest work) {
        static OddView of(OddButRight odd) {
            WorkOrder order = odd.order();
            return new OddView(odd.label(),
                    WorkRequest.again(order.problem(), order.method(), order.style().ids(), order.check()));
        }
    }

    record ToLookFor(@NotNull List<SlipView> slips, @NotNull List<OddView> odd) {}

    @PostMapping
    ToLookFor slips(@Valid @RequestBody WorkRequest request) {
        WorkOrder order = request.order();
        Way way = Methods.find(order.problem(), order.method(), order.style()).way();
        List<SlipView> slips = Stream.of(Slip.values())
                .filter(slip -> Slipped.write(slip, order.problem(), way, order.style()).isPresent())
                .map(slip -> new SlipView(slip.id(), slip.label())).toList();
        return new ToLookFor(slips, OddButRight.of(order).stream().map(OddView::of).toList());
    }
}
