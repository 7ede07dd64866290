package bemble.core.handwriting;

import bemble.core.handwriting.Stroke.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * A writer's hand: which form of each figure it writes, how wide, slanted and unsteady, with what pen. One hand writes a page; it
 * never writes a figure twice the same. Measures in millimetres on the page.
 */
public final class PenHand {
    private static final double LEAST_PEN = 0.22;
    private static final double MOST_PEN = 0.75;
    private static final double SELDOM_MIRRORED = 0.02;

    private final RandomGenerator random;
    private final int[] forms = new int[10];
    private final boolean[] mirrored = new boolean[10];
    private final double slant;
    private final double aspect;
    private final double size;
    private final double wobble;
    private final double astray;
    private final double pen;
    private final int grey;

    private PenHand(RandomGenerator random, boolean continental, boolean steady) {
        this.random = random;
        for (int digit = 0; digit < 10; digit++) {
            int others = Forms.continental(digit);
            int usual = Forms.of(digit) - others;
            forms[digit] = continental && others > 0 ? usual + random.nextInt(others) : random.nextInt(usual);
            mirrored[digit] = digit > 1 && digit != 8 && random.nextDouble() < SELDOM_MIRRORED;
        }
        this.slant = steady ? 0 : random.nextGaussian() * 0.12 + 0.08;
        this.aspect = 0.52 + random.nextDouble() * 0.26;
        this.size = steady ? 1 : 0.78 + random.nextDouble() * 0.36;
        this.wobble = steady ? 0 : 0.012 + random.nextDouble() * 0.035;
        this.astray = steady ? 0 : 0.03 + random.nextDouble() * 0.07;
        boolean pencil = random.nextDouble() < 0.4;
        this.pen = LEAST_PEN + random.nextDouble() * (MOST_PEN - LEAST_PEN);
        this.grey = pencil ? 70 + random.nextInt(85) : 10 + random.nextInt(70);
    }

    /** Some writer; what they write is drawn from {@code random} too. */
    public static PenHand some(RandomGenerator random) {
        return new PenHand(random, false, false);
    }

    /** A writer with a flag at the 1, a closed 4 and a bar through the 7. */
    public static PenHand continental(RandomGenerator random) {
        return new PenHand(random, true, false);
    }

    /** One that never wavers, as print is. */
    public static PenHand steady(RandomGenerator random) {
        return new PenHand(random, false, true);
    }

    /** How thick its pen is. */
    public double pen() {
        return pen;
    }

    /** How dark it writes, from 0 (black) to 255. */
    public int grey() {
        return grey;
    }

    /**
     * Writes a figure.
     *
     * @param digit 0 to 9
     * @param x its middle
     * @param y its middle
     * @param height how high a usual hand would write it there
     */
    public List<Stroke> figure(int digit, double x, double y, double height) {
        int form =
                random.nextDouble() < 0.94 ? forms[digit] : random.nextInt(Forms.of(digit) - Forms.continental(digit));
        double high = height * size * (1 + random.nextGaussian() * 0.07);
        double wide = high * aspect * (1 + random.nextGaussian() * 0.1);
        double turn = random.nextGaussian() * 0.06;
        double left = x + random.nextGaussian() * astray * height;
        double top = y + random.nextGaussian() * astray * height;
        double bends = random.nextGaussian() * wobble * 2;
        boolean turned = mirrored[digit] && random.nextDouble() < 0.7;
        List<Stroke> strokes = new ArrayList<>();
        for (List<Point> points : Forms.points(digit, form)) {
            List<Point> astrayPoints = new ArrayList<>();
            Point last = null;
            for (Point point : points) {
                // A corner stays one.
                Point now = last != null && point.equals(points.get(astrayPoints.size() - 1))
                        ? astrayPoints.get(astrayPoints.size() - 1)
                        : new Point(point.x() + random.nextGaussian() * wobble,
                                point.y() + random.nextGaussian() * wobble);
                astrayPoints.add(now);
                last = now;
            }
            List<Point> placed = Forms.bent(astrayPoints).points().stream().map(point -> {
                double across = (turned ? 0.5 - point.x() : point.x() - 0.5) + bends * Math.sin(point.y() * Math.PI);
                double down = point.y() - 0.5;
                double u = across * wide - slant * down * high;
                double v = down * high;
                return new Point(left + u * Math.cos(turn) - v * Math.sin(turn),
                        top + u * Math.sin(turn) + v * Math.cos(turn));
            }).toList();
            strokes.add(new Stroke(placed));
        }
        return strokes;
    }

    /** Strikes out what stands there: one line or two across it, a cross, or a scrawl. */
    public List<Stroke> strike(double x, double y, double height) {
        double reach = height * (0.42 + random.nextDouble() * 0.2);
        double flat = random.nextDouble();
        double rise = flat < 0.3 ? reach * 0.1 : reach * (0.6 + random.nextDouble() * 0.5);
        List<Stroke> strokes = new ArrayList<>();
        double kind = random.nextDouble();
        strokes.add(line(x - reach, y + rise, x + reach, y - rise, height));
        if (kind > 0.6 && kind < 0.75) {
            strokes.add(line(x - reach, y - rise, x + reach, y + rise, height));
        } else if (kind >= 0.75 && kind < 0.88) {
            double beside = height * 0.14;
            strokes.add(line(x - reach, y + rise + beside, x + reach, y - rise + beside, height));
        } else if (kind >= 0.88) {
            List<Point> scrawl = new ArrayList<>();
            int turns = 5 + random.nextInt(5);
            for (int i = 0; i < turns; i++) {
                scrawl.add(new Point(x + (i - turns / 2.0) / turns * 2 * reach + random.nextGaussian() * 0.05 * height,
                        y + (i % 2 == 0 ? -1 : 1) * height * (0.25 + random.nextDouble() * 0.15)));
            }
            strokes.add(Forms.bent(scrawl));
        }
        return strokes;
    }

    /** A point, or a comma. */
    public List<Stroke> point(double x, double y, double height) {
        double tail = random.nextBoolean() ? height * 0.04 : height * (0.1 + random.nextDouble() * 0.14);
        return List.of(line(x, y, x - tail * 0.4, y + tail, height));
    }

    /** What means no figure: a tick, a blot, a letter's bow, a dash. */
    public List<Stroke> nonsense(double x, double y, double height) {
        double h = height * (0.25 + random.nextDouble() * 0.4);
        return switch (random.nextInt(5)) {
            case 0 -> List.of(Forms.bent(List.of(new Point(x - h / 2, y), new Point(x - h / 6, y + h / 2),
                    new Point(x - h / 6, y + h / 2), new Point(x + h * 0.7, y - h * 0.6))));
            case 1 -> List.of(line(x - h * 0.6, y, x + h * 0.6, y, height));
            case 2 -> List.of(line(x - h * 0.5, y, x + h * 0.5, y, height),
                    line(x, y - h * 0.5, x, y + h * 0.5, height));
            case 3 -> {
                List<Point> tangle = new ArrayList<>();
                for (int i = 0; i < 9; i++) {
                    tangle.add(new Point(x + random.nextGaussian() * h * 0.3, y + random.nextGaussian() * h * 0.3));
                }
                yield List.of(Forms.bent(tangle));
            }
            default -> List
                    .of(Forms.bent(List.of(new Point(x - h * 0.5, y + h * 0.5), new Point(x - h * 0.2, y - h * 0.6),
                            new Point(x, y + h * 0.4), new Point(x + h * 0.2, y - h * 0.6),
                            new Point(x + h * 0.5, y + h * 0.5))));
        };
    }

    private Stroke line(double x1, double y1, double x2, double y2, double height) {
        double off = height * wobble;
        return Forms.bent(List.of(new Point(x1 + random.nextGaussian() * off, y1 + random.nextGaussian() * off),
                new Point((x1 + x2) / 2 + random.nextGaussian() * off, (y1 + y2) / 2 + random.nextGaussian() * off),
                new Point(x2 + random.nextGaussian() * off, y2 + random.nextGaussian() * off)));
    }
}
