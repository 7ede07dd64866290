package bemble.core.working;

import java.util.Locale;

/** What is done in a step. */
public enum StepKind {
    SET_OUT,
    /** A whole column: its total, its digit and its carry. */
    COLUMN,
    TOTAL,
    DIGIT,
    CARRY,
    EXCHANGE,
    DIFFERENCE,
    JUMP,
    PART,
    PRODUCT,
    PLACEHOLDER,
    DIVIDE,
    MULTIPLY,
    SUBTRACT,
    BRING_DOWN,
    REMAINDER,
    DOUBLE,
    TRIAL,
    /** The check begins. */
    CHECK,
    /** The check is held against the answer. */
    COMPARE;

    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    /** The name used on the sheet. */
    public String id() {
        return id;
    }
}
