package bemble.core.stack;

import bemble.core.hand.Desk;
import bemble.core.style.word.Pace;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Placement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The totals jotted beside a sum, to stay or only until their column is done. */
public final class Jots {
    private static final int TWO_DIGITS = 10;

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

    /**
     * Where the next total is jotted, or null where none is.
     *
     * @param terms what is added in that column, in order
     */
    public @Nullable Jot next(List<Integer> terms) {
        if (!wanted) {
            return null;
        }
        if (jots == null) {
            jots = desk.block(BlockName.Kind.TOTALS, Placement.rightOf(beside, null, 1));
        }
        Line line = Line.of(Line.Kind.TOTAL, stays ? ++jotted : 1);
        int least = stays && desk.style().jotsLargeTotalsOnly() ? TWO_DIGITS : 0;
        return new Jot(jots.line(line).at(line, 0), stays, least, desk.style().jotsRunningTotals() ? terms : List.of());
    }
}
