package bemble.core.stack;

import bemble.core.hand.Desk;
import bemble.core.style.word.Pace;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Placement;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** The totals jotted beside a sum, to stay or only until their column is done. */
public final class Jots {
    private final Block beside;
    private final Desk desk;
    private final boolean stays;
    private final boolean wanted;
    private @Nullable Block jots;
    private int jotted;

    public Jots(Block beside, Desk desk) {
        this.beside = beside;
        this.desk = desk;
        this.stays = desk.style().jotsTotals();
        this.wanted = stays || desk.style().pace() == Pace.FIGURE;
    }

    /** Where the next total is jotted, or null where none is. */
    public @Nullable Spot next() {
        if (!wanted) {
            return null;
        }
        if (jots == null) {
            jots = desk.block(BlockName.Kind.TOTALS, Placement.rightOf(beside, null, 1));
        }
        Line line = Line.of(Line.Kind.TOTAL, stays ? ++jotted : 1);
        return jots.line(line).at(line, 0);
    }

    public boolean stay() {
        return stays;
    }
}
