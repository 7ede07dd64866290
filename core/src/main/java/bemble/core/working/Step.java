package bemble.core.working;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** One step of a working; its marks are those whose {@link Mark#step} is its number. Its words are made when read. */
public final class Step {
    private final int n;
    private final StepKind kind;
    private final Part part;
    private final Block block;
    private final @Nullable Integer place;
    private final Supplier<Spoken> words;
    private @Nullable Spoken spoken;

    /**
     * @param n its number, from 1
     * @param block the block worked in
     * @param place the column worked, or null where it is none
     */
    public Step(int n, StepKind kind, Part part, Block block, @Nullable Integer place, Supplier<Spoken> words) {
        this.n = n;
        this.kind = kind;
        this.part = part;
        this.block = block;
        this.place = place;
        this.words = words;
    }

    public int n() {
        return n;
    }

    public StepKind kind() {
        return kind;
    }

    public Part part() {
        return part;
    }

    public Block block() {
        return block;
    }

    public @Nullable Integer place() {
        return place;
    }

    /** The words of the step, made when they are first read. */
    public Spoken spoken() {
        if (spoken == null) {
            spoken = words.get();
        }
        return spoken;
    }

    /** The heading it is listed under. */
    public String title() {
        return spoken().title();
    }
}
