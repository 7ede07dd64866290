package bemble.core.fact;

import org.jspecify.annotations.Nullable;

/**
 * One time that somebody needed a fact.
 *
 * @param said what was said for it where it was missed; null where it was right, as it is in every right answer
 */
public record FactUse(@Nullable String said) {
    public static final FactUse RIGHT = new FactUse(null);

    public boolean isRight() {
        return said == null;
    }
}
