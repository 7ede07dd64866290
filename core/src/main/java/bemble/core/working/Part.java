package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** Which half of the paper a step belongs to. */
public enum Part implements Coded {
    WORK,
    CHECK;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }
}
