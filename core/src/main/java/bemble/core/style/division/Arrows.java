package bemble.core.style.division;

import bemble.core.style.option.Option;

/** How long the arrow of a digit that is brought down stands there. */
public enum Arrows implements Option {
    FOR_A_WHILE("for a moment"),
    STAYING("to stay"),
    NONE("not at all");

    private final String label;

    Arrows(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
