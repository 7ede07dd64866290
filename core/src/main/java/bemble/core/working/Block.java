package bemble.core.working;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** One stack of lines in columns: a sum, or the totals jotted beside it. */
public final class Block {
    private final BlockName name;
    private final Placement placement;
    private final int squares;
    private final List<Line> lines = new ArrayList<>();

    /** @param squares how many squares a place takes, 1 or more; what is written stands in the last of them */
    public Block(BlockName name, Placement placement, int squares) {
        this.name = name;
        this.placement = placement;
        this.squares = squares;
    }

    public BlockName name() {
        return name;
    }

    public Placement placement() {
        return placement;
    }

    /** How many squares a place takes. */
    public int squares() {
        return squares;
    }

    /** The lines from top to bottom. */
    public List<Line> lines() {
        return Collections.unmodifiableList(lines);
    }

    /** Adds a line below those there are; returns this block. */
    public Block line(Line line) {
        if (!lines.contains(line)) {
            lines.add(line);
        }
        return this;
    }

    /** Adds a line just above another, unless it is there. */
    public void lineAbove(Line below, Line line) {
        if (!lines.contains(line)) {
            lines.add(rowOf(below), line);
        }
    }

    public Spot at(Line line, int place) {
        return new Spot(this, line, place);
    }

    /** The row of that line, counted from the block's first. */
    public int rowOf(Line line) {
        int row = lines.indexOf(line);
        if (row < 0) {
            throw new IllegalArgumentException("no line " + line + " in block " + name);
        }
        return row;
    }

    /** Blocks are told apart by their names, which are unique in a working: two papers of one problem are alike. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Block that && name.equals(that.name);
    }

    @Override
    public int hashCode() {
        return name.hashCode();
    }

    @Override
    public String toString() {
        return name.id();
    }
}
