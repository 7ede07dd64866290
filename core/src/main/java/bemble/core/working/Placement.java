package bemble.core.working;

/**
 * Where a block stands on the paper.
 *
 * @param relation how it stands to {@code other}
 * @param other the block it is set against, or null for the first
 * @param gap empty squares between the two
 */
public record Placement(Relation relation, Block other, int gap) {
    /** How a block stands to another. */
    public enum Relation {
        FIRST,
        /** Below all that is on the paper, its places under those of the other. */
        UNDER,
        /** At its right, the first lines level. */
        RIGHT_OF
    }

    public static Placement first() {
        return new Placement(Relation.FIRST, null, 0);
    }

    public static Placement under(Block other, int gap) {
        return new Placement(Relation.UNDER, other, gap);
    }

    public static Placement rightOf(Block other, int gap) {
        return new Placement(Relation.RIGHT_OF, other, gap);
    }
}
