package bemble.core.style.division;

import bemble.core.style.option.Option;

/** What becomes of the estimate with which the trials for a digit of a root begin. */
public enum RootEstimate implements Option {
    SAID("is said"),
    JOTTED("is said and jotted beside");

    private final String label;

    RootEstimate(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
