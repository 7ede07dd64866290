package bemble.core.marking;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What is said of a whole paper, or of its answer. */
public enum PaperVerdict implements Coded {
    RIGHT,
    WRONG,
    UNFINISHED;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used in files and in the API. */
    @Override
    public String id() {
        return id;
    }
}
