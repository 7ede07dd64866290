package bemble.core.working;

/**
 * One step of a working; its marks are those whose {@link Mark#step} is {@code n}.
 *
 * @param n its number, from 1
 * @param place the column worked, or null where it is none
 * @param block the block worked in
 */
public record Step(int n, StepKind kind, Part part, Block block, Integer place, Spoken spoken) {
    /** The heading it is listed under. */
    public String title() {
        return spoken.title();
    }

    /** The same step with more said and done in it. */
    Step joined(Spoken next) {
        return new Step(n, StepKind.COLUMN, part, block, place, spoken.and(next));
    }
}
