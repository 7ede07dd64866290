package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** The part of its square that a mark takes. */
public enum Anchor implements Coded {
    MIDDLE,
    /** The lower edge, in the middle. */
    LOW,
    /** The upper edge, in the middle. */
    HIGH,
    /** The left edge, half way up. */
    BEFORE,
    /** The upper left corner. */
    BEFORE_HIGH,
    /** The lower left corner. */
    BEFORE_LOW,
    /** The right edge, at the foot of the digit: where a point stands. */
    AFTER;

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }
}
