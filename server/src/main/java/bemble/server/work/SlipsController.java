package bemble.server.work;

import bemble.core.hand.Method;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.order.OddButRight;
import bemble.core.order.WorkOrder;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.server.rules.SchoolRules;
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
    private final SchoolRules rules;

    SlipsController(SchoolRules rules) {
        this.rules = rules;
    }

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

    /** What may be looked for in a working: slips that change the answer, and what is odd and right. */
    @PostMapping
    ToLookFor slips(@Valid @RequestBody WorkRequest request) {
        WorkOrder order = request.order();
        Method<?> method = Methods.find(order.problem(), order.method(), order.style());
        List<SlipView> slips = Stream
                .of(Slips.of(order.problem(), method.name()).stream().map(KnownSlip::id),
                        Stream.of(Slips.FACT_NEAR_MISS),
                        rules.now().of(method.name()).stream().map(KnownSlip::id))
                .flatMap(ids -> ids)
                .filter(slip -> Slipped.find(slip, order.problem(), method, order.style()).isPresent())
                .map(slip -> new SlipView(slip, Slips.label(slip, order.problem()))).toList();
        return new ToLookFor(slips, OddButRight.of(order).stream().map(OddView::of).toList());
    }
}
