package bemble.core.working;

import java.util.Locale;

/** What a mark is, which tells a painter how to draw it. */
public enum MarkKind {
    /** One figure, or the few figures of a small note, in one square. */
    DIGIT,
    /** An operation sign or a sign of the setting-out. */
    SIGN,
    /** The decimal point, on the line between two squares. */
    POINT,
    /** A rule along the upper edge of a line's squares. */
    RULE,
    /** A stroke through what stands in a square. */
    STRIKE,
    /** A column head. */
    HEAD,
    /** Words on the paper. */
    LABEL,
    /** The wash over the column being worked. */
    WASH;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
