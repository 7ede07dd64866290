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
 * @param toBeRead whether the filled pages can be read from a picture: they have marks in their corners and a code
 * @param explain whether there are lines under each question to tell it in words
 */
public record PageLayout(PaperSize paper, int columns, int square, boolean setOut, boolean carryBoxes, boolean checkRow,
        boolean nameLine, boolean largePrint, boolean sentences, boolean toBeRead, boolean explain) {
    public static final PageLayout USUAL = new PageLayout(PaperSize.A4, 2, 7, true, false, false, true, false, false);

    private static final double LARGER = 1.5;
    private static final int LEAST_READ = 7;

    /** @throws Refusal where a measure is none of those there are; the fault names its field */
    public PageLayout {
        if (columns < 1 || columns > 4) {
            throw Refusal.of("layout.columns", "Choose 1 to 4 columns.");
        }
        if (square != 5 && square != 7 && square != 10) {
            throw Refusal.of("layout.square", "Choose squares of 5, 7 or 10 mm.");
        }
        if (toBeRead && !canBeRead(paper, square, setOut)) {
            throw Refusal.of("layout.toBeRead",
                    "Pages can be read with squares of 7 mm or more, numbers set out, and one page on a sheet.");
        }
    }

    /** One whose filled pages nobody but people read. */
    public PageLayout(PaperSize paper, int columns, int square, boolean setOut, boolean carryBoxes, boolean checkRow,
            boolean nameLine, boolean largePrint, boolean sentences) {
        this(paper, columns, square, setOut, carryBoxes, checkRow, nameLine, largePrint, sentences, false);
    }

    /** One without lines to explain on. */
    public PageLayout(PaperSize paper, int columns, int square, boolean setOut, boolean carryBoxes, boolean checkRow,
            boolean nameLine, boolean largePrint, boolean sentences, boolean toBeRead) {
        this(paper, columns, square, setOut, carryBoxes, checkRow, nameLine, largePrint, sentences, toBeRead, false);
    }

    /** Whether pages so laid out can be read: a figure needs its room, and the marks a page that is not cut. */
    public static boolean canBeRead(PaperSize paper, int square, boolean setOut) {
        return square >= LEAST_READ && setOut && paper != PaperSize.TWO_A5;
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
