package bemble.core.scan;

import bemble.core.scan.Homography.Pair;
import bemble.core.scan.PageMarks.Place;
import bemble.core.scan.PagePlace.Pixel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds a page in a picture by its code and its corner marks. The code alone misses the corners by some millimetres; so the mark next to it
 * is looked for first, and each one found tells better where the next must be.
 */
public final class PageFound {
    /** From the code outwards: lower right, lower left, upper right, upper left. */
    private static final int[] ORDER = {3, 2, 1, 0};
    private static final int LEAST_MARKS = 3;
    /** How far from where it should be a mark is looked for, in millimetres. */
    private static final double NEAR = 7;
    private static final double FAR = 20;
    private static final double STEP = 0.5;
    /** A mark is so much darker than what is around it. */
    private static final double LEAST_DARKER = 55;
    /** The code's patterns may lie so far from where the marks say, in millimetres. */
    private static final double MOST_OFF = 2.5;

    private final GreyRaster picture;
    private final PageMarks marks;
    private final List<Pair> code;

    private PageFound(GreyRaster picture, PageMarks marks, List<Pixel> patterns, int modules) {
        this.picture = picture;
        this.marks = marks;
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            Place place = marks.pattern(i, modules);
            pairs.add(new Pair(place.x(), place.y(), patterns.get(i)));
        }
        this.code = List.copyOf(pairs);
    }

    /**
     * Finds where the page lies.
     *
     * @param patterns the middles of the code's three patterns as seen: lower left, upper left, upper right
     * @param modules how many modules the code is wide
     * @return nothing where fewer than three corner marks are seen, or where they and the code do not belong together
     */
    public static Optional<Homography> in(GreyRaster picture, PageMarks marks, List<Pixel> patterns, int modules) {
        return new PageFound(picture, marks, patterns, modules).find();
    }

    private Optional<Homography> find() {
        List<Pair> found = new ArrayList<>();
        for (int which : ORDER) {
            Place place = marks.corner(which);
            List<Pair> known = new ArrayList<>(code);
            known.addAll(found);
            PagePlace sofar = flat(known);
            mark(sofar, place, found.isEmpty() ? NEAR : FAR).ifPresent(seen -> found.add(
                    new Pair(place.x(), place.y(), seen)));
        }
        if (found.size() < LEAST_MARKS) {
            return Optional.empty();
        }
        List<Pair> all = new ArrayList<>(found);
        if (found.size() == LEAST_MARKS) {
            all.addAll(code);
        }
        Homography page = Homography.through(all);
        boolean together = code.stream().allMatch(pair -> {
            Pixel said = page.of(pair.x(), pair.y());
            return Math.hypot(said.x() - pair.seen().x(), said.y() - pair.seen().y()) < MOST_OFF
                    * page.scaleAt(pair.x(), pair.y());
        });
        return together ? Optional.of(page) : Optional.empty();
    }

    /** The map without perspective that misses these points least: three points are enough for it, and it is never wild far away. */
    private static PagePlace flat(List<Pair> pairs) {
        double[][] across = new double[3][4];
        double[][] down = new double[3][4];
        for (Pair pair : pairs) {
            double[] row = {pair.x(), pair.y(), 1};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    across[i][j] += row[i] * row[j];
                    down[i][j] += row[i] * row[j];
                }
                across[i][3] += row[i] * pair.seen().x();
                down[i][3] += row[i] * pair.seen().y();
            }
        }
        double[] u = Linear.solve(across);
        double[] v = Linear.solve(down);
        return (x, y) -> new Pixel(u[0] * x + u[1] * y + u[2], v[0] * x + v[1] * y + v[2]);
    }

    private Optional<Pixel> mark(PagePlace place, Place at, double reach) {
        double best = LEAST_DARKER;
        Place where = null;
        for (double dy = -reach; dy <= reach; dy += STEP) {
            for (double dx = -reach; dx <= reach; dx += STEP) {
                double darker = darker(place, at.x() + dx, at.y() + dy) - Math.hypot(dx, dy) * 0.5;
                if (darker > best) {
                    best = darker;
                    where = new Place(at.x() + dx, at.y() + dy);
                }
            }
        }
        return where == null ? Optional.empty() : middle(place, where);
    }

    /** By how much the lightest of a square's inner points is darker than the darkest of the points around it. */
    private double darker(PagePlace place, double x, double y) {
        double inner = PageMarks.MARK * 0.34;
        double outer = PageMarks.MARK * 0.8;
        double lightest = 0;
        double darkest = GreyRaster.WHITE;
        for (int i = -1; i <= 1; i++) {
            for (int j = -1; j <= 1; j++) {
                Pixel in = place.of(x + i * inner, y + j * inner);
                if (!inside(in)) {
                    return 0;
                }
                lightest = Math.max(lightest, picture.between(in.x(), in.y()));
                if (i != 0 || j != 0) {
                    Pixel out = place.of(x + i * outer, y + j * outer);
                    // What lies beyond the picture is as light as its edge.
                    darkest = Math.min(darkest, picture.between(out.x(), out.y()));
                }
            }
        }
        return darkest - lightest;
    }

    private boolean inside(Pixel pixel) {
        return pixel.x() >= 0 && pixel.y() >= 0 && pixel.x() < picture.width() && pixel.y() < picture.height();
    }

    /** The middle of what is dark around there, to a part of a pixel. */
    private Optional<Pixel> middle(PagePlace place, Place at) {
        Pixel about = place.of(at.x(), at.y());
        Pixel beside = place.of(at.x() + PageMarks.MARK * 0.85, at.y());
        double reach = Math.hypot(beside.x() - about.x(), beside.y() - about.y());
        int darkest = GreyRaster.WHITE;
        int lightest = 0;
        for (int y = (int) (about.y() - reach); y <= about.y() + reach; y++) {
            for (int x = (int) (about.x() - reach); x <= about.x() + reach; x++) {
                darkest = Math.min(darkest, picture.at(x, y));
                lightest = Math.max(lightest, picture.at(x, y));
            }
        }
        double middle = (darkest + lightest) / 2.0;
        double sum = 0;
        double sumX = 0;
        double sumY = 0;
        for (int y = (int) Math.ceil(about.y() - reach); y <= about.y() + reach; y++) {
            for (int x = (int) Math.ceil(about.x() - reach); x <= about.x() + reach; x++) {
                double weight = Math.max(0, middle - picture.at(x, y));
                sum += weight;
                sumX += weight * x;
                sumY += weight * y;
            }
        }
        return sum <= 0 ? Optional.empty() : Optional.of(new Pixel(sumX / sum, sumY / sum));
    }
}
