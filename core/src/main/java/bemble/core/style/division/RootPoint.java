package bemble.core.style.division;

import bemble.core.style.option.Option;

/** When the point of a root is set. */
public enum RootPoint implements Option {
    WITH_DIGIT("right before the digit behind it"),
    WITH_PAIR("when the pair behind it comes down");

    private final String label;

    RootPoint(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
