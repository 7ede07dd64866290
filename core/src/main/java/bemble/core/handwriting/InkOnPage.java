package bemble.core.handwriting;

import bemble.core.handwriting.Stroke.Point;
import bemble.core.scan.GreyRaster;
import java.util.List;

/** Draws strokes and lines onto the picture of a page. */
public final class InkOnPage {
    private final GreyRaster page;
    private final double scale;

    /** @param scale pixels to a millimetre */
    public InkOnPage(GreyRaster page, double scale) {
        this.page = page;
        this.scale = scale;
    }

    /** What a hand writes, with its pen. */
    public void write(List<Stroke> strokes, PenHand hand) {
        for (Stroke stroke : strokes) {
            for (int i = 1; i < stroke.points().size(); i++) {
                Point a = stroke.points().get(i - 1);
                Point b = stroke.points().get(i);
                line(a.x(), a.y(), b.x(), b.y(), hand.pen(), hand.grey());
            }
        }
    }

    /** A line with round ends; of two that cross, the darker shade shows. */
    public void line(double x1, double y1, double x2, double y2, double width, int grey) {
        double ax = x1 * scale;
        double ay = y1 * scale;
        double bx = x2 * scale;
        double by = y2 * scale;
        double radius = width * scale / 2;
        int left = (int) Math.max(0, Math.floor(Math.min(ax, bx) - radius - 1));
        int right = (int) Math.min(page.width() - 1, Math.ceil(Math.max(ax, bx) + radius + 1));
        int top = (int) Math.max(0, Math.floor(Math.min(ay, by) - radius - 1));
        int foot = (int) Math.min(page.height() - 1, Math.ceil(Math.max(ay, by) + radius + 1));
        double length = (bx - ax) * (bx - ax) + (by - ay) * (by - ay);
        for (int y = top; y <= foot; y++) {
            for (int x = left; x <= right; x++) {
                double along = length == 0 ? 0
                        : Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length));
                double off = Math.hypot(x - ax - along * (bx - ax), y - ay - along * (by - ay));
                double covered = Math.min(1, Math.min(radius * 2, radius + 0.5 - off));
                if (covered > 0) {
                    int shade = (int) Math.round(GreyRaster.WHITE - covered * (GreyRaster.WHITE - grey));
                    page.set(x, y, Math.min(page.at(x, y), shade));
                }
            }
        }
    }

    /** A filled box. */
    public void box(double left, double top, double right, double foot, int grey) {
        for (int y = (int) Math.round(top * scale); y < Math.min(page.height(), Math.round(foot * scale)); y++) {
            for (int x = (int) Math.round(left * scale); x < Math.min(page.width(), Math.round(right * scale)); x++) {
                page.set(x, y, grey);
            }
        }
    }
}
