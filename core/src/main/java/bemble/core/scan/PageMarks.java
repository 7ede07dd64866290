package bemble.core.scan;

/**
 * What is printed on a page for it to be found again: a black square in each corner and a code of sheet, page and pupil. All measures in
 * millimetres; the marks keep 9 mm from the edge, since copiers do not print nearer to it.
 *
 * @param width the page's
 * @param height the page's
 */
public record PageMarks(double width, double height) {
    public static final int CORNERS = 4;
    public static final double FROM_EDGE = 9;
    /** The side of a corner mark. */
    public static final double MARK = 4;
    /** The side of the code. */
    public static final double CODE = 14;
    /** The code stands so far from the right edge, clear of the mark in its corner. */
    private static final double CODE_FROM_RIGHT = 16;
    /** The middle of a code's corner patterns, in modules from its edge. */
    private static final double PATTERN = 3.5;

    /** A place on the page. */
    public record Place(double x, double y) {}

    /** The middles of the corner marks: upper left, upper right, lower left, lower right. */
    public Place corner(int which) {
        double near = FROM_EDGE + MARK / 2;
        return new Place(which % 2 == 0 ? near : width - near, which < 2 ? near : height - near);
    }

    /** The code's left edge. */
    public double codeLeft() {
        return width - CODE_FROM_RIGHT - CODE;
    }

    /** The code's upper edge. */
    public double codeTop() {
        return height - FROM_EDGE - CODE;
    }

    /** How far up from the foot of the page nothing else may stand. */
    public static double foot() {
        return FROM_EDGE + CODE + 2;
    }

    /**
     * The middles of the code's patterns: lower left, upper left, upper right, in the order in which readers of such codes give them.
     *
     * @param modules how many modules the code is wide
     */
    public Place pattern(int which, int modules) {
        double off = CODE / modules * PATTERN;
        return new Place(which == 2 ? codeLeft() + CODE - off : codeLeft() + off,
                which == 0 ? codeTop() + CODE - off : codeTop() + off);
    }
}
