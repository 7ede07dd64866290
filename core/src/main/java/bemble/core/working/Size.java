package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** How large a mark is written. */
public enum Size implements Coded {
    FULL,
    SMALL,
    /** Smaller still: column heads and labels. */
    TINY;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }
}
