package bemble.core.working;

import java.util.Locale;

/** Which half of the paper a step belongs to. */
public enum Part {
    WORK,
    CHECK;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
