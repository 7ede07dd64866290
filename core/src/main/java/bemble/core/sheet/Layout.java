package bemble.core.sheet;

import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Placement.Relation;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Maps the blocks of a working to squares, and squares back to their blocks; nothing else knows of rows and columns.
 * Long, for both ways go by the same numbers.
 */
public final class Layout {
    /** How much wider than high a paper is, as screens show it. */
    private static final double ASPECT = 1.5;
    /** The check moves beside the work only where the squares become so much larger. */
    private static final double WORTH_MOVING = 1.15;
    private static final int BETWEEN = 2;

    private final Map<Block, Extent> extents = new HashMap<>();
    private final Map<Block, Origin> origins = new HashMap<>();
    /** The lines of each block with the row of each, counted from the block's first. */
    private final Map<Block, Map<Line, Integer>> rows = new HashMap<>();
    private final List<Block> blocks;
    private Bounds work = Bounds.NOTHING;
    private Bounds whole = Bounds.NOTHING;

    /** The squares that a block's marks reach, counted to the left from the one of its place 0. */
    private record Extent(int highest, int lowest) {
        Extent with(int square) {
            return new Extent(Math.max(highest, square), Math.min(lowest, square));
        }
    }

    /** The row of a block's first line and the column of its place 0. */
    private record Origin(int row, int column) {}

    /** The squares that blocks take, the last ones included. */
    private record Bounds(int top, int left, int bottom, int right) {
        static final Bounds NOTHING = new Bounds(0, Integer.MAX_VALUE, -1, Integer.MIN_VALUE);

        Bounds with(Bounds other) {
            return new Bounds(Math.min(top, other.top), Math.min(left, other.left), Math.max(bottom, other.bottom),
                    Math.max(right, other.right));
        }

        int height() {
            return bottom - top + 1;
        }

        int width() {
            return right - left + 1;
        }

        /** How large a square can be, where the paper is one high. */
        double square() {
            return Math.min(ASPECT / (width() + BETWEEN), 1.0 / (height() + 1));
        }
    }

    private Layout(List<Working> workings) {
        Set<Block> all = new LinkedHashSet<>();
        workings.forEach(working -> all.addAll(working.blocks()));
        this.blocks = List.copyOf(all);
        blocks.forEach(block -> rows.put(block, rowsOf(block, workings)));
        workings.forEach(this::reach);
        Set<Block> checking = new HashSet<>();
        blocks.stream().filter(Layout::isOfCheck).forEach(checking::add);
        if (blocks.stream().anyMatch(block -> isOfCheck(block) && block.placement().relation() == Relation.BENEATH
                && !isOfCheck(block.placement().beside()))) {
            // It hangs on the work and goes wherever that is.
            checking.clear();
        }
        place(checking);
    }

    private static boolean isOfCheck(Block block) {
        return block.name().part() == Part.CHECK;
    }

    /** The rows of a block's lines; where workings differ, a line stands below the one it follows in its own. */
    private static Map<Line, Integer> rowsOf(Block block, List<Working> workings) {
        List<Line> lines = new ArrayList<>(block.lines());
        for (Working working : workings) {
            for (Block other : working.blocks()) {
                if (other.equals(block) && !lines.containsAll(other.lines())) {
                    int after = -1;
                    for (Line line : other.lines()) {
                        if (!lines.contains(line)) {
                            lines.add(after + 1, line);
                        }
                        after = lines.indexOf(line);
                    }
                }
            }
        }
        Map<Line, Integer> rows = new HashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            rows.put(lines.get(i), i);
        }
        return rows;
    }

    private void reach(Working working) {
        working.marks().forEach(mark -> {
            reach(mark.at().block(), mark.at().place());
            if (mark.to() != null) {
                reach(mark.to().block(), mark.to().place());
            }
        });
        for (Step step : working.steps()) {
            Integer place = step.place();
            if (place != null) {
                reach(step.block(), place);
            }
        }
    }

    /** Lays a working out, its leftmost mark in column 0 and its first line in row 0. */
    public static Sheet of(Working working) {
        return new Layout(List.of(working)).sheet(working);
    }

    /** One layout with a square for whatever any of these workings of a problem writes, so that none of it moves. */
    public static Layout of(List<Working> workings) {
        return new Layout(workings);
    }

    public int rows() {
        return whole.height();
    }

    public int columns() {
        return whole.width();
    }

    private void reach(Block block, int place) {
        int square = place * block.squares();
        extents.merge(block, new Extent(square, square), (old, add) -> old.with(square));
    }

    private void place(Set<Block> checking) {
        Bounds check = Bounds.NOTHING;
        int bottom = 0;
        for (Block block : blocks) {
            Bounds taken = put(block, bottom);
            if (!extents.containsKey(block)) {
                // Nothing stands in it: it takes no room.
                continue;
            }
            bottom = Math.max(bottom, taken.bottom() + 1);
            if (checking.contains(block)) {
                check = check.bottom() < 0 ? taken : check.with(taken);
            } else {
                work = work.bottom() < 0 ? taken : work.with(taken);
            }
        }
        whole = check.bottom() < 0 ? work : work.with(check);
        if (check.bottom() >= 0) {
            moveBeside(checking, check);
        }
    }

    /** Sets the check beside the work where that keeps the squares larger. */
    private void moveBeside(Set<Block> checking, Bounds check) {
        int right = work.right() + 1 + BETWEEN - check.left();
        Bounds moved = new Bounds(0, check.left() + right, check.height() - 1, check.right() + right);
        if (work.with(moved).square() > WORTH_MOVING * whole.square()) {
            checking.forEach(block -> origins.computeIfPresent(block,
                    (each, origin) -> new Origin(origin.row() - check.top(), origin.column() + right)));
            whole = work.with(moved);
        }
    }

    private Bounds put(Block block, int bottom) {
        Extent extent = extentOf(block);
        Placement placement = block.placement();
        Origin origin = switch (placement.relation()) {
            case FIRST -> new Origin(0, 0);
            case UNDER -> new Origin(bottom + placement.gap(), beside(placement).column() + placement.shift());
            case BENEATH -> new Origin(beside(placement).row() + rows(placement.beside()).size(),
                    beside(placement).column());
            case LEFT_OF -> new Origin(beside(placement).row(), beside(placement).column()
                    - extentOf(placement.beside()).highest() - 1 - placement.gap() + extent.lowest());
            case RIGHT_OF -> new Origin(beside(placement).row(), beside(placement).column()
                    - extentOf(placement.beside()).lowest() + 1 + placement.gap() + extent.highest());
        };
        origins.put(block, origin);
        return new Bounds(origin.row(), origin.column() - extent.highest(), origin.row() + rows(block).size() - 1,
                origin.column() - extent.lowest());
    }

    private Map<Line, Integer> rows(Block block) {
        return Objects.requireNonNull(rows.get(block), "a block of these workings");
    }

    private int row(Block block, Line line) {
        return Objects.requireNonNull(rows(block).get(line), "a line of that block");
    }

    private Origin origin(Block block) {
        return Objects.requireNonNull(origins.get(block), "a block that is laid out");
    }

    private Extent extentOf(Block block) {
        return extents.getOrDefault(block, new Extent(0, 0));
    }

    /** The other block's place 0, in the row of the line that the new block is level with. */
    private Origin beside(Placement placement) {
        Origin other = origin(placement.beside());
        Line level = placement.line();
        return level == null ? other : new Origin(other.row() + row(placement.beside(), level), other.column());
    }

    private Sheet sheet(Working working) {
        List<SheetMark> marks = new ArrayList<>(working.marks().size() + working.steps().size());
        int last = working.steps().size();
        for (Step step : working.steps()) {
            Integer place = step.place();
            if (place != null) {
                marks.add(lay(wash(step, place, last)));
            }
        }
        working.marks().forEach(mark -> marks.add(lay(mark)));
        return new Sheet(whole.height(), whole.width(),
                new Sheet.Area(work.top(), work.left() - whole.left(), work.height(),
                        work.width()),
                marks);
    }

    /** The wash over the column of a step, from the first line of its block to the last, while it is worked. */
    private static Mark wash(Step step, int place, int lastStep) {
        List<Line> lines = step.block().lines();
        Integer until = step.n() < lastStep ? step.n() + 1 : null;
        return new Mark(step.n(), until, MarkKind.WASH, step.block().at(lines.get(0), place),
                step.block().at(lines.get(lines.size() - 1), place), "", Role.FRAME, Size.FULL, Anchor.MIDDLE,
                null);
    }

    /** A mark with its square. */
    public SheetMark lay(Mark mark) {
        Spot to = mark.to();
        return new SheetMark(mark, row(mark.at()), column(mark.at()), to == null ? null : row(to),
                to == null ? null : column(to));
    }

    /** The row of a spot's square, from the top. */
    public int row(Spot spot) {
        return origin(spot.block()).row() + row(spot.block(), spot.line());
    }

    /** The column of a spot's square, from the left. */
    public int column(Spot spot) {
        return origin(spot.block()).column() - spot.place() * spot.block().squares() - whole.left();
    }

    /** The spot whose square that is; nothing where no block reaches. Of several the one laid out last. */
    public Optional<Spot> spot(int row, int column) {
        for (int i = blocks.size() - 1; i >= 0; i--) {
            Block block = blocks.get(i);
            Origin origin = origin(block);
            int line = row - origin.row();
            int square = origin.column() - column - whole.left();
            Extent extent = extentOf(block);
            boolean reached = square <= extent.highest() && square >= extent.lowest() && square % block.squares() == 0;
            if (line >= 0 && line < rows(block).size() && reached) {
                int place = square / block.squares();
                return rows(block).entrySet().stream().filter(each -> each.getValue() == line).findFirst()
                        .map(each -> block.at(each.getKey(), place));
            }
        }
        return Optional.empty();
    }
}
