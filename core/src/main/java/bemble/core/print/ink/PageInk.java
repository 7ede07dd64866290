package bemble.core.print.ink;

import java.util.ArrayList;
import java.util.List;

/** One thing printed on a page; all measures in millimetres from the upper left. */
public sealed interface PageInk {
    /** How long a dash is, and what is left between two of them. */
    double DASH = 2;

    /** The same drawn {@code scale} times as large, and then moved. */
    PageInk placed(double scale, double right, double down);

    /** A straight line; black, as everything is, so that it survives a photocopier. */
    record Line(double x1, double y1, double x2, double y2, double width) implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Line(x1 * scale + right, y1 * scale + down, x2 * scale + right, y2 * scale + down, width);
        }
    }

    /** Four lines round an area. */
    static List<PageInk> box(double left, double top, double right, double bottom, double width) {
        return List.of(new Line(left, top, right, top, width), new Line(right, top, right, bottom, width),
                new Line(right, bottom, left, bottom, width), new Line(left, bottom, left, top, width));
    }

    /** A line of dashes, such as one cuts along. */
    static List<PageInk> dashed(double x1, double y1, double x2, double y2, double width) {
        double length = Math.hypot(x2 - x1, y2 - y1);
        List<PageInk> dashes = new ArrayList<>();
        for (double from = 0; from < length; from += 2 * DASH) {
            double begin = from / length;
            double end = Math.min(from + DASH, length) / length;
            dashes.add(new Line(x1 + (x2 - x1) * begin, y1 + (y2 - y1) * begin, x1 + (x2 - x1) * end,
                    y1 + (y2 - y1) * end, width));
        }
        return dashes;
    }

    /** A bent line from one point to another, drawn towards a third. */
    record Bend(double x1, double y1, double towardsX, double towardsY, double x2, double y2, double width)
            implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Bend(x1 * scale + right, y1 * scale + down, towardsX * scale + right, towardsY * scale + down,
                    x2 * scale + right, y2 * scale + down, width);
        }
    }

    /**
     * A line of text.
     *
     * @param x where it is aligned
     * @param y its foot
     * @param size the height of its letters from one line to the next
     */
    record Text(double x, double y, double size, Align align, boolean bold, String text) implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Text(x * scale + right, y * scale + down, size * scale, align, bold, text);
        }
    }

    /** A square filled with black. */
    record Block(double left, double top, double side) implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Block(left * scale + right, top * scale + down, side * scale);
        }
    }

    /** A square code that says a text to a machine; whoever draws it knows how such codes are made. */
    record Code(double left, double top, double side, String text) implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Code(left * scale + right, top * scale + down, side * scale, text);
        }
    }

    /**
     * A picture of somebody's paper, as it was scanned.
     *
     * @param jpeg the file
     * @param says what it shows, for who does not see it
     */
    record Photo(double left, double top, double width, double height, byte[] jpeg, String says) implements PageInk {
        @Override
        public PageInk placed(double scale, double right, double down) {
            return new Photo(left * scale + right, top * scale + down, width * scale, height * scale, jpeg, says);
        }
    }

    /** Which part of a text is at its x. */
    enum Align {
        START,
        MIDDLE,
        END
    }
}
