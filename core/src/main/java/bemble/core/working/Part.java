package bemble.core.working;

import java.util.Locale;

/** Which half of the paper a step belongs to. */
public enum Part {
    WORK,
    CHECK;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used on the sheet. */
    public String id() {
        return id;
    }
}
