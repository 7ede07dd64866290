package bemble.core.style.word;

import bemble.core.style.option.Option;

/** What the place of the single things is called. */
public enum OnesWord implements Option {
    ONES("ones"),
    UNITS("units");

    private final String label;

    OnesWord(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
