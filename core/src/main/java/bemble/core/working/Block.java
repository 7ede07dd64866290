package bemble.core.working;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** One stack of lines in columns: a sum, or the totals jotted beside it. */
public final class Block {
    private final String id;
    private final Placement placement;
    private final List<String> lines = new ArrayList<>();

    public Block(String id, Placement placement) {
        this.id = id;
        this.placement = placement;
    }

    public String id() {
        return id;
    }

    public Placement placement() {
        return placement;
    }

    /** The lines from top to bottom. */
    public List<String> lines() {
        return Collections.unmodifiableList(lines);
    }

    /** Adds a line below those there are; returns this block. */
    public Block line(String line) {
        if (!lines.contains(line)) {
            lines.add(line);
        }
        return this;
    }

    /** Adds a line just above another, unless it is there. */
    public void lineAbove(String below, String line) {
        if (!lines.contains(line)) {
            lines.add(rowOf(below), line);
        }
    }

    public Spot at(String line, int place) {
        return new Spot(this, line, place);
    }

    /** The row of that line, counted from the block's first. */
    public int rowOf(String line) {
        int row = lines.indexOf(line);
        if (row < 0) {
            throw new IllegalArgumentException("no line " + line + " in block " + id);
        }
        return row;
    }

    /** Blocks are told apart by their names, which are unique in a working: two papers of one problem are alike. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Block that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
