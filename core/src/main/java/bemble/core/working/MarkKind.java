package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What a mark is, which tells a painter how to draw it. */
public enum MarkKind implements Coded {
    /** One figure, or the few figures of a small note, in one square. */
    DIGIT,
    /** A whole number written as one, over the squares from {@code at} to {@code to}. */
    NUMBER,
    /** An operation sign or a sign of the setting-out. */
    SIGN,
    /** The decimal point, on the line between two squares. */
    POINT,
    /** A light mark on the line between two squares, where the digits of a number are grouped. */
    GROUP,
    /** A rule along the upper edge of a line's squares. */
    RULE,
    /** A short line under what stands in a square. */
    UNDERLINE,
    /** A box round a square whose digit is sought. */
    BOX,
    /** A line all round squares, from one to another. */
    FRAME,
    /** The same, round like a ring. */
    RING,
    /** A rule along the lower edge of squares, from one to another. */
    RULE_BELOW,
    /** Two such rules. */
    DOUBLE_RULE,
    /** A rule down the left edge of a column, from one line to another. */
    SIDE,
    /** The bracket between a divisor and its dividend, at the right edge of a square. */
    BRACKET,
    /** An arc over the squares from one spot to another. */
    ARC,
    /** A line between the digits in two squares. */
    LINE,
    /** An arrow from one square down to another. */
    ARROW,
    /** A stroke through what stands in a square. */
    STRIKE,
    /** A column head. */
    HEAD,
    /** Words on the paper. */
    LABEL,
    /** The wash over the column being worked. */
    WASH;

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }
}
