package bemble.core.progress;

import bemble.core.problem.Coded;

/** How far a pupil is on a rung. */
public enum State implements Coded {
    NOT_TRIED("not yet tried", "·"),
    LEARNING("learning", "◐"),
    SECURE("secure", "●"),
    DUE("due again", "○");

    private final String label;
    private final String sign;

    State(String label, String sign) {
        this.label = label;
        this.sign = sign;
    }

    /** In words, for a legend and a screen reader. */
    public String label() {
        return label;
    }

    /** A sign that needs no colour. */
    public String sign() {
        return sign;
    }

    /** Whether the skill is there, be it that it is to be looked at again. */
    public boolean isReached() {
        return this == SECURE || this == DUE;
    }
}
