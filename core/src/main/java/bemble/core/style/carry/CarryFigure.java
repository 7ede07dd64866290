package bemble.core.style.carry;

import bemble.core.style.option.Option;

/** Whether the small figure of what is carried is written after the digit of its column or before it. */
public enum CarryFigure implements Option {
    AFTER_DIGIT("after the digit"),
    BEFORE_DIGIT("before the digit");

    private final String label;

    CarryFigure(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
