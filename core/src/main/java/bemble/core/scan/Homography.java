package bemble.core.scan;

import java.util.List;

/**
 * How a flat page lies in a picture: the one map of lines onto lines that takes the places of some points on the page to where they are
 * seen. With more than four points the one that misses them least (direct linear transform; the least squares of its equations).
 */
public final class Homography implements PagePlace {
    private static final int UNKNOWNS = 8;

    private final double[] h;
    private final Frame page;
    private final Frame picture;

    /** Numbers around 0 and about as large as 1: with thousands of pixels the sums of squares would lose what matters. */
    private record Frame(double x, double y, double size) {
        static Frame of(double[][] points) {
            double x = 0;
            double y = 0;
            for (double[] point : points) {
                x += point[0] / points.length;
                y += point[1] / points.length;
            }
            double size = 0;
            for (double[] point : points) {
                size = Math.max(size, Math.max(Math.abs(point[0] - x), Math.abs(point[1] - y)));
            }
            return new Frame(x, y, size == 0 ? 1 : size);
        }
    }

    /** A point on the page, in millimetres, and the pixel where it is seen. */
    public record Pair(double x, double y, Pixel seen) {}

    private Homography(double[] h, Frame page, Frame picture) {
        this.h = h;
        this.page = page;
        this.picture = picture;
    }

    /**
     * The map through some points.
     *
     * @param pairs at least four, no three of them on a line
     * @throws IllegalArgumentException where they do not say where the page lies
     */
    public static Homography through(List<Pair> pairs) {
        Frame page = Frame.of(pairs.stream().map(pair -> new double[] {pair.x(), pair.y()}).toArray(double[][]::new));
        Frame picture = Frame.of(pairs.stream().map(pair -> new double[] {pair.seen().x(), pair.seen().y()})
                .toArray(double[][]::new));
        double[][] equations = new double[UNKNOWNS][UNKNOWNS + 1];
        for (Pair pair : pairs) {
            double x = (pair.x() - page.x()) / page.size();
            double y = (pair.y() - page.y()) / page.size();
            double u = (pair.seen().x() - picture.x()) / picture.size();
            double v = (pair.seen().y() - picture.y()) / picture.size();
            add(equations, new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y}, u);
            add(equations, new double[] {0, 0, 0, x, y, 1, -v * x, -v * y}, v);
        }
        return new Homography(Linear.solve(equations), page, picture);
    }

    /** Takes one equation into the sums that make their squared misses least. */
    private static void add(double[][] sums, double[] row, double result) {
        for (int i = 0; i < UNKNOWNS; i++) {
            for (int j = 0; j < UNKNOWNS; j++) {
                sums[i][j] += row[i] * row[j];
            }
            sums[i][UNKNOWNS] += row[i] * result;
        }
    }

    @Override
    public Pixel of(double onPageX, double onPageY) {
        double x = (onPageX - page.x()) / page.size();
        double y = (onPageY - page.y()) / page.size();
        double depth = h[6] * x + h[7] * y + 1;
        return new Pixel((h[0] * x + h[1] * y + h[2]) / depth * picture.size() + picture.x(),
                (h[3] * x + h[4] * y + h[5]) / depth * picture.size() + picture.y());
    }

    /** How many pixels a millimetre is about there. */
    public double scaleAt(double x, double y) {
        Pixel here = of(x, y);
        Pixel right = of(x + 1, y);
        Pixel down = of(x, y + 1);
        return (Math.hypot(right.x() - here.x(), right.y() - here.y())
                + Math.hypot(down.x() - here.x(), down.y() - here.y())) / 2;
    }
}
