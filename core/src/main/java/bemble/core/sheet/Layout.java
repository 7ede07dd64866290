package bemble.core.sheet;

import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Maps the blocks of a working to squares; nothing else knows of rows and columns. */
public final class Layout {
    private final Working working;
    private final Map<Block, Extent> extents = new HashMap<>();
    private final Map<Block, Origin> origins = new HashMap<>();
    private int left = Integer.MAX_VALUE;
    private int right = Integer.MIN_VALUE;
    private int bottom;

    /** The places that a block's marks reach. */
    private record Extent(int highest, int lowest) {
        Extent with(int place) {
            return new Extent(Math.max(highest, place), Math.min(lowest, place));
        }
    }

    /** The row of a block's first line and the column of its place 0. */
    private record Origin(int row, int column) {}

    private Layout(Working working) {
        this.working = working;
    }

    /** Lays a working out, its leftmost mark in column 0 and its first line in row 0. */
    public static Sheet of(Working working) {
        return new Layout(working).lay();
    }

    private Sheet lay() {
        for (Mark mark : working.marks()) {
            reach(mark.at());
            if (mark.to() != null) {
                reach(mark.to());
            }
        }
        for (Step step : working.steps()) {
            if (step.place() != null) {
                reach(wash(step).at());
            }
        }
        for (Block block : working.blocks()) {
            put(block);
        }
        List<SheetMark> marks = new ArrayList<>(working.marks().size() + working.steps().size());
        for (Step step : working.steps()) {
            if (step.place() != null) {
                marks.add(place(wash(step)));
            }
        }
        for (Mark mark : working.marks()) {
            marks.add(place(mark));
        }
        return new Sheet(bottom, right - left + 1, marks);
    }

    private void reach(Spot spot) {
        Extent extent = extents.get(spot.block());
        extents.put(spot.block(),
                extent == null ? new Extent(spot.place(), spot.place()) : extent.with(spot.place()));
    }

    private void put(Block block) {
        Extent extent = extentOf(block);
        Placement placement = block.placement();
        Origin origin = switch (placement.relation()) {
            case FIRST -> new Origin(0, 0);
            case UNDER -> new Origin(bottom + placement.gap(), beside(placement).column() + placement.shift());
            case LEFT_OF -> new Origin(beside(placement).row(), beside(placement).column()
                    - extentOf(placement.other()).highest() - 1 - placement.gap() + extent.lowest());
            case RIGHT_OF -> new Origin(beside(placement).row(), beside(placement).column()
                    - extentOf(placement.other()).lowest() + 1 + placement.gap() + extent.highest());
        };
        origins.put(block, origin);
        left = Math.min(left, origin.column() - extent.highest());
        right = Math.max(right, origin.column() - extent.lowest());
        bottom = Math.max(bottom, origin.row() + block.lines().size());
    }

    private Extent extentOf(Block block) {
        return extents.getOrDefault(block, new Extent(0, 0));
    }

    /** The other block's place 0, in the row of the line that the new block is level with. */
    private Origin beside(Placement placement) {
        Origin other = origins.get(placement.other());
        return placement.line() == null ? other
                : new Origin(other.row() + placement.other().rowOf(placement.line()), other.column());
    }

    /** The wash over the column of a step, from the first line of its block to the last, while it is worked. */
    private Mark wash(Step step) {
        List<String> lines = step.block().lines();
        Integer until = step.n() < working.steps().size() ? step.n() + 1 : null;
        return new Mark(step.n(), until, MarkKind.WASH, step.block().at(lines.get(0), step.place()),
                step.block().at(lines.get(lines.size() - 1), step.place()), "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
    }

    private SheetMark place(Mark mark) {
        Spot at = mark.at();
        Spot to = mark.to();
        return new SheetMark(mark.step(), mark.until(), mark.kind().id(), at.block().id(), at.line(), at.place(),
                row(at), column(at), to == null ? null : row(to), to == null ? null : column(to),
                mark.text(), mark.role().id(), mark.size().id(), mark.anchor().id());
    }

    private int row(Spot spot) {
        return origins.get(spot.block()).row() + spot.block().rowOf(spot.line());
    }

    private int column(Spot spot) {
        return origins.get(spot.block()).column() - spot.place() - left;
    }
}
