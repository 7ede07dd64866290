package bemble.server.writing;

import bemble.core.order.WorkOrder;
import bemble.core.working.Figure;
import bemble.core.writing.Nudge;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What comes next on a paper, as much of it as is asked for. */
@RestController
class NudgeController {
    /** How much a nudge gives away. */
    enum Size {
        SQUARE, QUESTION, FIGURE
    }

    /**
     * @param done whether nothing is left to write
     * @param ask the question that the figure answers, from the second size on
     * @param text the figure, in the third size
     */
    record NudgeView(@NotNull boolean done, String block, String line, Integer place, String anchor, String kind, String ask,
                     String text) {}

    @PostMapping("/api/nudge")
    NudgeView nudge(@Valid @RequestBody MarkRequest request, @RequestParam(defaultValue = "SQUARE") Size size) {
        WorkOrder order = request.order();
        return Nudge.next(order, request.check() != null, request.marked(order)).map(next -> view(next, size))
                .orElse(new NudgeView(true, null, null, null, null, null, null, null));
    }

    private static NudgeView view(Nudge next, Size size) {
        Figure.Key at = next.at();
        return new NudgeView(false, at.block(), at.line(), at.place(), at.anchor().id(), next.kind(),
                size == Size.SQUARE ? null : next.ask(), size == Size.FIGURE ? next.text() : null);
    }
}
