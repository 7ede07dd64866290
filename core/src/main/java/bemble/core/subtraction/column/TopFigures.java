package bemble.core.subtraction.column;

import bemble.core.stack.Placed;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Size;
import bemble.core.working.Spot;

/** The figures of a minuend as they stand after the exchanges so far, and where on the paper. */
public final class TopFigures {
    private final int[] figures;
    private final int[] heights;
    private final boolean[] touched;
    private final int lowest;
    private final Placed minuend;
    private final Block block;
    private final Line line;

    /** @param line the line of the minuend */
    public TopFigures(Placed minuend, int lowest, int highest, Block block, Line line) {
        this.lowest = lowest;
        this.minuend = minuend;
        this.block = block;
        this.line = line;
        this.figures = new int[highest - lowest + 1];
        this.heights = new int[figures.length];
        this.touched = new boolean[figures.length];
        for (int i = 0; i < figures.length; i++) {
            figures[i] = minuend.digit(lowest + i);
        }
    }

    public int highest() {
        return minuend.highest();
    }

    /** The figure in that place, 0 beyond the number. */
    public int at(int place) {
        int i = place - lowest;
        return i < 0 || i >= figures.length ? 0 : figures[i];
    }

    /** Whether the paper has a column there at all. */
    public boolean reaches(int place) {
        return place - lowest < figures.length;
    }

    public boolean isUntouched(int place) {
        int i = place - lowest;
        return i >= figures.length || !touched[i];
    }

    /** Whether a digit is given in that place. */
    public boolean isGiven(int place) {
        return minuend.has(place);
    }

    /** Where the figure of a place stands now, with the square above it for the next. */
    public FigureSpot spot(int place) {
        return new FigureSpot(block, line, place, heights[place - lowest]);
    }

    public void set(int place, int figure, boolean replaced) {
        int i = place - lowest;
        figures[i] = figure;
        touched[i] = true;
        heights[i] += replaced ? 1 : 0;
    }

    /**
     * A figure of the minuend, with so many figures written above the digit that was given.
     *
     * @param base the line of the minuend
     */
    public record FigureSpot(Block block, Line base, int place, int height) {
        public Spot now() {
            return block.at(name(height), place);
        }

        public Size size() {
            return height == 0 ? Size.FULL : Size.SMALL;
        }

        /** The square just above, with room made for it. */
        public Spot above() {
            for (int h = 1; h <= height + 1; h++) {
                block.lineAbove(name(h - 1), name(h));
            }
            return block.at(name(height + 1), place);
        }

        private Line name(int h) {
            return h == 0 ? base : Line.of(Line.Kind.EXCHANGED, h);
        }
    }
}
