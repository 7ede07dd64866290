package bemble.core.working;

/** A line, told apart from those of other blocks by their name: two papers of one problem have it in common. */
public record LineOfBlock(BlockName block, Line line) {
    public static LineOfBlock of(Spot spot) {
        return new LineOfBlock(spot.block().name(), spot.line());
    }
}
