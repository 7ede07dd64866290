package bemble.core.scan;

/** Where a place on the printed page, in millimetres from its upper left, lies in a picture of it, in pixels. */
public interface PagePlace {
    /** A pixel's place; between pixels too. */
    record Pixel(double x, double y) {}

    Pixel of(double x, double y);
}
