package bemble.core.style.division;

import bemble.core.style.option.Option;

/** When the pairs of zeros are written that go on a root's number. */
public enum RootZeros implements Option {
    AS_THEY_COME("a pair when it comes down"),
    AT_THE_START("all when it is set out");

    private final String label;

    RootZeros(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
