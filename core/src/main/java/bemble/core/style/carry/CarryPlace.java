package bemble.core.style.carry;

import bemble.core.style.option.Option;

/** Where the small figure of a carry is written. */
public enum CarryPlace implements Option {
    ABOVE_NEXT("above the next column"),
    FOOT_OF_NEXT("at the foot of the next column"),
    ON_THE_RULE("on the rule"),
    UNDER_ANSWER("under the answer"),
    BEFORE_NEXT_DIGIT("in front of the next answer digit");

    private final String label;

    CarryPlace(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
