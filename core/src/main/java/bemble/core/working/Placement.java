package bemble.core.working;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Where a block stands on the paper.
 *
 * @param relation how it stands to {@code other}
 * @param other the block it is set against, or null for the first
 * @param gap empty squares between the two
 * @param shift how many squares its places stand further to the right than those of the other, below it
 * @param line the line of the other block that its first line is level with, or null for the other's first
 */
public record Placement(Relation relation, @Nullable Block other, int gap, int shift, @Nullable Line line) {
    /** How a block stands to another. */
    public enum Relation {
        FIRST,
        /** Below all that is on the paper, its places under those of the other. */
        UNDER,
        /** Right under the other, whatever else there is, and never moved away from it. */
        BENEATH,
        LEFT_OF,
        RIGHT_OF
    }

    /** The block it is set against; the first is set against none. */
    public Block beside() {
        return Objects.requireNonNull(other, "the first block stands beside no other");
    }

    /** Where the first block stands. */
    public static Placement first() {
        return new Placement(Relation.FIRST, null, 0, 0, null);
    }

    /** Below all there is, its places under those of the other block. */
    public static Placement under(Block other, int gap) {
        return new Placement(Relation.UNDER, other, gap, 0, null);
    }

    /** Right under the other block, its places under those of the other. */
    public static Placement beneath(Block other) {
        return new Placement(Relation.BENEATH, other, 0, 0, null);
    }

    /** Below, but further to the right. */
    public Placement shifted(int squares) {
        return new Placement(relation, other, gap, squares, line);
    }

    /** To the left of another block, level with one of its lines. */
    public static Placement leftOf(Block other, @Nullable Line line, int gap) {
        return new Placement(Relation.LEFT_OF, other, gap, 0, line);
    }

    /** To the right of another block, level with one of its lines. */
    public static Placement rightOf(Block other, @Nullable Line line, int gap) {
        return new Placement(Relation.RIGHT_OF, other, gap, 0, line);
    }
}
