package bemble.core.marking;

import java.util.Locale;

/** What is said of a whole paper, or of its answer. */
public enum PaperVerdict {
    RIGHT, WRONG, UNFINISHED;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used in files and in the API. */
    public String id() {
        return id;
    }
}
