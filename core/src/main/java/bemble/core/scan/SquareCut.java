package bemble.core.scan;

import bemble.core.scan.PagePlace.Pixel;

/**
 * A square cut out of a page as a {@link FigureNet} reads it: with a third of its neighbours around it, the printed lines left in, so
 * that a figure that reaches over its square is seen whole.
 */
public final class SquareCut {
    /** Cells across and down. */
    public static final int CELLS = 32;
    /** How wide what is cut is, in sides of the square. */
    public static final double REACH = 5 / 3.0;
    private static final int FINEST = 3;
    /** The share of a square that is taken to be bare paper, whatever is written on it. */
    private static final double PAPER = 0.3;
    /** With less between ink and paper than this nothing is written, however dark its darkest spot. */
    private static final double LEAST_CONTRAST = 70;

    /** Cells from the edge of what is cut to well inside the square. */
    private static final int INSIDE = 9;
    private static final float INKED = 0.22f;
    private static final int FEW = 3;

    private SquareCut() {}

    /**
     * Cuts out a square.
     *
     * @param x its middle on the page, in millimetres
     * @param y its middle
     * @param side its side, in millimetres
     * @return row by row how much ink is in each cell, from 0 (paper) to 1
     */
    public static float[] of(GreyRaster page, PagePlace place, double x, double y, double side) {
        double reach = side * REACH;
        Pixel corner = place.of(x - reach / 2, y - reach / 2);
        Pixel right = place.of(x + reach / 2, y - reach / 2);
        Pixel foot = place.of(x - reach / 2, y + reach / 2);
        double acrossX = (right.x() - corner.x()) / CELLS;
        double acrossY = (right.y() - corner.y()) / CELLS;
        double downX = (foot.x() - corner.x()) / CELLS;
        double downY = (foot.y() - corner.y()) / CELLS;
        int fine = (int) Math.max(1, Math.min(FINEST, Math.round(Math.hypot(acrossX, acrossY))));
        float[] shades = new float[CELLS * CELLS];
        int[] many = new int[GreyRaster.WHITE + 1];
        for (int row = 0; row < CELLS; row++) {
            for (int column = 0; column < CELLS; column++) {
                double sum = 0;
                for (int i = 0; i < fine; i++) {
                    for (int j = 0; j < fine; j++) {
                        double across = column + (j + 0.5) / fine;
                        double down = row + (i + 0.5) / fine;
                        sum += page.between(corner.x() + across * acrossX + down * downX,
                                corner.y() + across * acrossY + down * downY);
                    }
                }
                float shade = (float) (sum / (fine * fine));
                shades[row * CELLS + column] = shade;
                many[Math.round(shade)]++;
            }
        }
        int paper = shadeBelow(many, 1 - PAPER);
        double contrast = Math.max(LEAST_CONTRAST, paper - shadeBelow(many, 0.01));
        for (int i = 0; i < shades.length; i++) {
            shades[i] = (float) Math.max(0, Math.min(1, (paper - shades[i]) / contrast));
        }
        return shades;
    }

    /** Whether nothing is written there: hardly a cell well inside the printed lines has ink. */
    public static boolean isBare(float[] cut) {
        int inked = 0;
        for (int row = INSIDE; row < CELLS - INSIDE; row++) {
            for (int column = INSIDE; column < CELLS - INSIDE; column++) {
                inked += cut[row * CELLS + column] > INKED ? 1 : 0;
            }
        }
        return inked < FEW;
    }

    /** The shade below which that share of the cells lies. */
    private static int shadeBelow(int[] many, double share) {
        int left = (int) (share * CELLS * CELLS);
        for (int shade = 0; shade <= GreyRaster.WHITE; shade++) {
            left -= many[shade];
            if (left < 0) {
                return shade;
            }
        }
        return GreyRaster.WHITE;
    }
}
