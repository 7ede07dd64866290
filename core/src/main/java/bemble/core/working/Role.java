package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What a mark is there for. */
public enum Role implements Coded {
    /** A digit of the problem. */
    GIVEN,
    /** A 0 written into an empty place of the problem. */
    PADDING,
    /** Signs, rules, heads and labels. */
    FRAME,
    /** A digit of a result. */
    WRITTEN,
    CARRY,
    /** A figure of an exchange, or of a ten added and paid back. */
    EXCHANGE,
    /** A total jotted beside the sum. */
    JOT,
    /** In a working with a slip: the broken rule itself. */
    WRONG,
    /** In a working with a slip: what the rule called for and the hand did not write; a mark without ink. */
    MISSING,
    /** In a working with a slip: right by what went before, and yet not what stands in the right working. */
    FOLLOWS;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }

    /** Whether a class can be asked for it. */
    public boolean isAsked() {
        return this == WRITTEN || this == CARRY || this == EXCHANGE || this == JOT || this == WRONG || this == FOLLOWS;
    }
}
