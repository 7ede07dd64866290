package bemble.core.working;

import java.util.Locale;

/** How large a mark is written. */
public enum Size {
    FULL,
    SMALL,
    /** Smaller still: column heads and labels. */
    TINY;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used on the sheet. */
    public String id() {
        return id;
    }
}
