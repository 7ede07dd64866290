package bemble.core.hand;

import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The decisions of a step, for the words about it to be made of. */
public final class Said {
    private final List<Entry> entries;
    private final HouseStyle style;
    private final Words words;
    private final @Nullable Integer place;

    Said(List<Entry> entries, HouseStyle style, Words words, @Nullable Integer place) {
        this.entries = entries;
        this.style = style;
        this.words = words;
        this.place = place;
    }

    public HouseStyle style() {
        return style;
    }

    public Words words() {
        return words;
    }

    /** The column worked. */
    public int place() {
        return Objects.requireNonNull(place);
    }

    /** The step's first decision of that kind, or null. */
    @SuppressWarnings("unchecked")
    private <Q extends Question<?>> @Nullable Decision<?> find(Class<Q> kind) {
        for (Entry entry : entries) {
            if (entry instanceof Decision<?> decision && kind.isInstance(decision.asked())) {
                return decision;
            }
        }
        return null;
    }

    private Decision<?> found(Class<? extends Question<?>> kind) {
        return Objects.requireNonNull(find(kind), () -> "nothing was decided here of " + kind.getSimpleName());
    }

    /** Whether such a question was asked in this step. */
    public boolean has(Class<? extends Question<?>> kind) {
        return find(kind) != null;
    }

    /** What was asked first of that kind. */
    public <Q extends Question<?>> Q asked(Class<Q> kind) {
        return kind.cast(found(kind).asked());
    }

    /** What was decided first of that kind. */
    @SuppressWarnings("unchecked")
    public <A> A decided(Class<? extends Question<A>> kind) {
        return (A) found(kind).decided();
    }

    /** Whether what was decided first of that kind was also written. */
    public boolean written(Class<? extends Question<?>> kind) {
        return found(kind).written();
    }

    /** All that was decided of that kind, in order. */
    @SuppressWarnings("unchecked")
    public <A> List<A> allDecided(Class<? extends Question<A>> kind) {
        List<A> all = new ArrayList<>();
        for (Entry entry : entries) {
            if (entry instanceof Decision<?> decision && kind.isInstance(decision.asked())) {
                all.add((A) decision.decided());
            }
        }
        return all;
    }

    /** All questions of that kind, in order. */
    public <Q extends Question<?>> List<Q> allAsked(Class<Q> kind) {
        List<Q> all = new ArrayList<>();
        for (Entry entry : entries) {
            if (entry instanceof Decision<?> decision && kind.isInstance(decision.asked())) {
                all.add(kind.cast(decision.asked()));
            }
        }
        return all;
    }
}
