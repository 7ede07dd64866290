package bemble.core.print;

import bemble.core.problem.Refusal;

/**
 * How questions are laid out on their pages.
 *
 * @param columns 1 to 4 questions side by side
 * @param square the side of a square: 5, 7 or 10 millimetres
 * @param setOut whether the numbers stand set out; otherwise side by side, to be set out by the pupil
 * @param carryBoxes whether small boxes mark where carries go
 * @param checkRow whether there is room for a check under each
 * @param nameLine whether there are lines for name and date
 * @param largePrint larger squares and letters
 * @param sentences whether worked answers come with what is said
 */
public record PageLayout(PaperSize paper, int columns, int square, boolean setOut, boolean carryBoxes, boolean checkRow,
        boolean nameLine, boolean largePrint, boolean sentences) {
    public static final PageLayout USUAL = new PageLayout(PaperSize.A4, 2, 7, true, false, false, true, false, false);

    private static final double LARGER = 1.5;

    /** @throws Refusal where a measure is none of those there are; the fault names its field */
    public PageLayout {
        if (columns < 1 || columns > 4) {
            throw Refusal.of("layout.columns", "Choose 1 to 4 columns.");
        }
        if (square != 5 && square != 7 && square != 10) {
            throw Refusal.of("layout.square", "Choose squares of 5, 7 or 10 mm.");
        }
    }

    /** The side of a printed square, in millimetres. */
    double side() {
        return largePrint ? square * LARGER : square;
    }

    /** The height of printed text, in millimetres. */
    double letter() {
        return largePrint ? 7 : 4.6;
    }
}
