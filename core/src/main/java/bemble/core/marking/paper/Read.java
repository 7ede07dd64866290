package bemble.core.marking.paper;

/**
 * A figure as it is read.
 *
 * @param as where it belongs in the way in which the paper is read
 * @param stands where it stands on the paper
 */
public record Read(PaperFigure as, PaperFigure stands) {
    /** One that is read where it stands. */
    public static Read where(PaperFigure stands) {
        return new Read(stands, stands);
    }

    boolean isMoved() {
        return as != stands;
    }
}
