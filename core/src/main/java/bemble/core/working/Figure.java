package bemble.core.working;

import org.jspecify.annotations.Nullable;

/**
 * Something that a decision leaves on the paper.
 *
 * @param to the other end of what reaches over several squares, or null
 * @param passing whether it is there only until the next step
 */
public record Figure(MarkKind kind, Spot at, @Nullable Spot to, String text, Role role, Size size, Anchor anchor,
        boolean passing) {
    /** Where it stands and what sort it is: one figure of that sort can stand there. */
    public Key key() {
        return new Key(at.block().name(), at.line(), at.place(), anchor, kind == MarkKind.STRIKE);
    }

    /** Tells where a figure stands, apart from what it says. */
    public record Key(BlockName block, Line line, int place, Anchor anchor, boolean stroke) {
        /** The same square of another block. */
        public Key withBlock(BlockName other) {
            return new Key(other, line, place, anchor, stroke);
        }

        public LineOfBlock lineOfBlock() {
            return new LineOfBlock(block, line);
        }

        /** Line, place and anchor tell nearly all apart; papers are looked up by it many times over. */
        @Override
        public int hashCode() {
            return (line.hashCode() * 31 + place) * 31 + anchor.ordinal();
        }
    }

    /** Whether a class can be asked for it: a digit or a number that the hand has decided. */
    public boolean isAsked() {
        return (kind == MarkKind.DIGIT || kind == MarkKind.NUMBER) && role.isAsked();
    }

    /** Whether it fills its square, as figures of numbers do and carries do not. */
    public boolean isFull() {
        return isAsked() && size == Size.FULL;
    }
}
