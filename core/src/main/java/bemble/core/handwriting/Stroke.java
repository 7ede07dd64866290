package bemble.core.handwriting;

import java.util.List;

/** The way of a pen from where it is set down to where it is lifted. */
public record Stroke(List<Point> points) {
    /** A place; in the box of a figure from 0 to 1 rightwards and downwards, on a page in millimetres from the upper left. */
    public record Point(double x, double y) {}

    public Stroke {
        points = List.copyOf(points);
    }
}
