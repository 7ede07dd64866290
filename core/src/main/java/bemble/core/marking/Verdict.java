package bemble.core.marking;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What is said of one figure of a paper. */
public enum Verdict implements Coded {
    RIGHT,
    /** A rule is broken or a fact missed here, from what stands on this paper. */
    WRONG,
    /** Not what the right working has, but properly worked from what stands before it. */
    FOLLOWS,
    /** It has still to be written. */
    MISSING,
    /** A small figure, a stroke or a jotting that may be kept in the head. */
    UNWRITTEN,
    /** It belongs to nothing and harms nothing. */
    EXTRA,
    /** Nobody can read it: neither right nor wrong. */
    UNCLEAR;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used in files and in the API. */
    @Override
    public String id() {
        return id;
    }
}
