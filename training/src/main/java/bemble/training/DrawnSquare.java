package bemble.training;

import bemble.core.handwriting.InkOnPage;
import bemble.core.handwriting.PenHand;
import bemble.core.handwriting.Stroke;
import bemble.core.scan.FigureChances;
import bemble.core.scan.GreyRaster;
import bemble.core.scan.PagePlace;
import bemble.core.scan.SquareCut;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;

/**
 * A square of a filled page with its neighbours, as a scanner or a phone sees it, cut out as it will be.
 *
 * @param cut what {@link SquareCut} gives
 * @param kind which of the {@link FigureChances} stands there
 */
record DrawnSquare(float[] cut, int kind) {
    private static final double FULL = 0.62;
    private static final double SMALL = 0.36;
    private static final double PRINTED = 0.56;
    private static final double BESIDE_FULL = 0.55;
    /** How wide the part of a square is that a small figure is read from, in sides. */
    private static final double SMALL_PART = 0.6;
    private static final double FINE_LINE = 0.1;
    private static final double FIRM_LINE = 0.55;
    /** Some grain drawn once: drawing it anew for each pixel takes most of the time. */
    private static final float[] GRAIN = grain();

    /**
     * Draws one.
     *
     * @param real figures that people wrote, for each digit; drawn ones alone where it is empty
     */
    static DrawnSquare of(RandomGenerator random, List<List<float[]>> real) {
        PenHand hand = random.nextDouble() < 0.35 ? PenHand.continental(random) : PenHand.some(random);
        double side = random.nextDouble() < 0.75 ? 7 : random.nextBoolean() ? 10 : 10.5;
        double scale = 4.8 + random.nextDouble() * (random.nextDouble() < 0.7 ? 3.5 : 7);
        GreyRaster page = GreyRaster.white((int) (side * 3 * scale), (int) (side * 3 * scale));
        InkOnPage ink = new InkOnPage(page, scale);
        printed(ink, random, side);
        boolean small = random.nextDouble() < 0.3;
        double x = side * 1.5;
        double y = side * 1.5;
        double height = side * FULL;
        if (small) {
            x = side * (1 + List.of(0.5, 0.5, 0.17, 0.17, 0.17).get(random.nextInt(5)));
            y = side * (1 + List.of(0.72, 0.28, 0.26, 0.5, 0.76).get(random.nextInt(5)));
            height = side * SMALL;
        }
        neighbours(ink, hand, random, side, small);
        int kind = kind(random);
        write(kind, ink, hand, random, real, page, scale, x, y, height);
        if (kind < FigureChances.EMPTY && !small && random.nextDouble() < 0.12) {
            // A small figure beside the figure that fills the square.
            ink.write(hand.figure(random.nextInt(10), x + side * (random.nextBoolean() ? 0.38 : -0.36),
                    y - side * 0.3, side * 0.28), hand);
        }
        GreyRaster seen = spoiled(page, random, scale);
        double astray = random.nextDouble() < 0.8 ? 0.1 : 0.35;
        double turn = random.nextGaussian() * 0.012;
        double rightBy = random.nextGaussian() * astray;
        double downBy = random.nextGaussian() * astray;
        double larger = scale * (1 + random.nextGaussian() * 0.015);
        double midX = x;
        double midY = y;
        PagePlace place = (px, py) -> {
            double u = px - midX;
            double v = py - midY;
            return new PagePlace.Pixel(midX * scale + (u + rightBy - v * turn) * larger,
                    midY * scale + (v + downBy + u * turn) * larger);
        };
        return new DrawnSquare(SquareCut.of(seen, place, x, y, small ? side * SMALL_PART : side), kind);
    }

    private static float[] grain() {
        Random random = new Random(7);
        float[] grain = new float[1 << 17];
        for (int i = 0; i < grain.length; i++) {
            grain[i] = (float) random.nextGaussian();
        }
        return grain;
    }

    private static int kind(RandomGenerator random) {
        double drawn = random.nextDouble();
        if (drawn < 0.66) {
            return random.nextInt(10);
        }
        return drawn < 0.80 ? FigureChances.EMPTY : drawn < 0.90 ? FigureChances.STRUCK
                : drawn < 0.94 ? FigureChances.POINT : FigureChances.NO_FIGURE;
    }

    private static void printed(InkOnPage ink, RandomGenerator random, double side) {
        int grey = random.nextInt(90);
        double width = FINE_LINE * (0.7 + random.nextDouble() * 1.4);
        for (int i = 0; i <= 3; i++) {
            ink.line(i * side, 0, i * side, 3 * side, width, grey);
            ink.line(0, i * side, 3 * side, i * side, width, grey);
        }
        if (random.nextDouble() < 0.3) {
            double y = side * (random.nextBoolean() ? 1 : 2);
            ink.line(0, y, 3 * side, y, FIRM_LINE, grey);
        }
        if (random.nextDouble() < 0.06) {
            double x = side * 1.25;
            double y = side * 1.3;
            ink.line(x, y, x + side / 2, y, FINE_LINE * 1.6, grey);
            ink.line(x + side / 2, y, x + side / 2, y + side * 0.6, FINE_LINE * 1.6, grey);
            ink.line(x + side / 2, y + side * 0.6, x, y + side * 0.6, FINE_LINE * 1.6, grey);
            ink.line(x, y + side * 0.6, x, y, FINE_LINE * 1.6, grey);
        }
    }

    private static void neighbours(InkOnPage ink, PenHand hand, RandomGenerator random, double side, boolean small) {
        double share = random.nextDouble() * 0.8;
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                boolean middle = row == 1 && column == 1;
                double chance = random.nextDouble();
                if (middle && !small || chance > (middle ? BESIDE_FULL : share)) {
                    continue;
                }
                double x = side * (column + 0.5);
                double y = side * (row + 0.5);
                if (middle) {
                    // A small figure stands beside or above the one that fills the square, which is mostly printed.
                    PenHand whose = random.nextDouble() < 0.7 ? PenHand.steady(random) : hand;
                    ink.write(whose.figure(random.nextInt(10), x, y, side * (whose == hand ? FULL : PRINTED)), whose);
                    if (random.nextDouble() < 0.15) {
                        ink.write(hand.strike(x, y, side * FULL), hand);
                    }
                } else if (chance < share * 0.8) {
                    ink.write(hand.figure(random.nextInt(10), x, y, side * FULL), hand);
                } else {
                    ink.write(hand.figure(random.nextInt(10), x, y + side * 0.2, side * SMALL), hand);
                }
            }
        }
    }

    private static void write(int kind, InkOnPage ink, PenHand hand, RandomGenerator random, List<List<float[]>> real,
            GreyRaster page, double scale, double x, double y, double height) {
        switch (kind) {
            case FigureChances.EMPTY -> {
                if (random.nextDouble() < 0.1) {
                    // What was rubbed out leaves a shade.
                    ink.line(x - height * 0.3, y + height * 0.2, x + height * 0.3, y, height * 0.4,
                            215 + random.nextInt(35));
                }
            }
            case FigureChances.STRUCK -> {
                ink.write(hand.figure(random.nextInt(10), x, y, height), hand);
                ink.write(hand.strike(x, y, height), hand);
            }
            case FigureChances.POINT -> ink.write(hand.point(x + random.nextGaussian() * height * 0.25,
                    y + height * (0.2 + random.nextDouble() * 0.25), height), hand);
            case FigureChances.NO_FIGURE -> ink.write(hand.nonsense(x, y, height), hand);
            default -> {
                if (!real.isEmpty() && random.nextDouble() < 0.4) {
                    List<float[]> mine = real.get(kind);
                    paste(mine.get(random.nextInt(mine.size())), page, scale, x + random.nextGaussian() * height * 0.06,
                            y + random.nextGaussian() * height * 0.06,
                            height * (0.85 + random.nextDouble() * 0.35), 10 + random.nextInt(120));
                } else {
                    List<Stroke> strokes = new ArrayList<>(hand.figure(kind, x, y, height));
                    ink.write(strokes, hand);
                }
            }
        }
    }

    /** A real figure, its 20 inner pixels as high as the height. */
    static void paste(float[] picture, GreyRaster page, double scale, double x, double y, double height, int grey) {
        double pixel = height / 20;
        double reach = pixel * RealFigures.SIDE / 2;
        GreyRaster figure = GreyRaster.white(RealFigures.SIDE, RealFigures.SIDE);
        for (int i = 0; i < picture.length; i++) {
            figure.set(i % RealFigures.SIDE, i / RealFigures.SIDE,
                    (int) (GreyRaster.WHITE - picture[i] * (GreyRaster.WHITE - grey)));
        }
        for (int py = (int) ((y - reach) * scale); py < (y + reach) * scale; py++) {
            for (int px = (int) ((x - reach) * scale); px < (x + reach) * scale; px++) {
                if (px >= 0 && py >= 0 && px < page.width() && py < page.height()) {
                    int shade = (int) figure.between((px / scale - x + reach) / pixel - 0.5,
                            (py / scale - y + reach) / pixel - 0.5);
                    page.set(px, py, Math.min(page.at(px, py), shade));
                }
            }
        }
    }

    /** As a scanner or a phone sees it: unsharp, uneven in light, with grain. */
    private static GreyRaster spoiled(GreyRaster page, RandomGenerator random, double scale) {
        int blur = random.nextDouble() < 0.6 ? 1 : random.nextInt(2) + (scale > 8 ? 1 : 0);
        GreyRaster result = page;
        for (int i = 0; i < blur; i++) {
            result = result.unsharp();
        }
        double white = 190 + random.nextDouble() * 65;
        double black = random.nextDouble() * 50;
        double slopeX = random.nextGaussian() * 12 / result.width();
        double slopeY = random.nextGaussian() * 12 / result.height();
        double grain = random.nextDouble() * 9;
        byte[] pixels = new byte[result.pixels().length];
        int at = random.nextInt(GRAIN.length);
        for (int y = 0; y < result.height(); y++) {
            for (int x = 0; x < result.width(); x++) {
                double light = white + slopeX * x + slopeY * y;
                double shade = black + result.at(x, y) / 255.0 * (light - black) + GRAIN[at++ & GRAIN.length - 1] * grain;
                pixels[y * result.width() + x] = (byte) Math.max(0, Math.min(255, Math.round(shade)));
            }
        }
        return new GreyRaster(result.width(), result.height(), pixels);
    }
}
