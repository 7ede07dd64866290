package bemble.server.writing;

import bemble.core.order.WorkOrder;
import bemble.core.slip.NamedRules;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.writing.Nudge;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * What comes next on a paper.
 *
 * @param done whether nothing is left to write
 * @param ask the question that the figure answers; left out where only the square is asked for
 * @param text the figure; left out unless it is asked for
 */
public record NudgeView(@NotNull boolean done, @Nullable String block, @Nullable String line, @Nullable Integer place,
        @Nullable Anchor anchor, @Nullable String kind,
        @Nullable String ask, @Nullable String text) {
    private static final NudgeView NOTHING_LEFT = new NudgeView(true, null, null, null, null, null, null, null);

    /** @throws bemble.core.problem.Refusal where the paper cannot be read */
    public static NudgeView of(MarkRequest paper) {
        WorkOrder order = paper.order();
        return Nudge.next(order, paper.check() != null, paper.marked(order, NamedRules.NONE)).map(NudgeView::of)
                .orElse(NOTHING_LEFT);
    }

    private static NudgeView of(Nudge next) {
        Figure.Key at = next.at();
        return new NudgeView(false, at.block().id(), at.line().id(), at.place(), at.anchor(), next.kind(), next.ask(),
                next.text());
    }

    NudgeView withoutFigure() {
        return new NudgeView(done, block, line, place, anchor, kind, ask, null);
    }

    /** Where something comes, and not what. */
    public NudgeView squareAlone() {
        return new NudgeView(done, block, line, place, anchor, kind, null, null);
    }
}
