package bemble.core.style.word;

import bemble.core.style.option.Option;

/** What moving ten of a place into the next is called. */
public enum CarryWord implements Option {
    CARRY("carry"),
    REGROUP("regroup");

    private final String label;

    CarryWord(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
