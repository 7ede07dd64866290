package bemble.core.working;

import java.util.Locale;

/** How large a mark is written. */
public enum Size {
    FULL,
    SMALL,
    /** Smaller still: column heads and labels. */
    TINY;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
