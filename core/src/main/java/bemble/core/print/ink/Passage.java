package bemble.core.print.ink;

/**
 * What some inks of a page are together, for who listens to the page instead of looking at it.
 *
 * @param from the first of them
 * @param to the one after the last
 * @param says what a picture shows; nothing where the words say it themselves
 */
public record Passage(Sense sense, int from, int to, String says) {
    /** What a passage is; rows of cells that follow each other are one table. */
    public enum Sense {
        TITLE,
        HEADING,
        PARAGRAPH,
        FIRST_CELL,
        CELL,
        FIGURE
    }
}
