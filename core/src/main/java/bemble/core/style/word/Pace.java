package bemble.core.style.word;

import bemble.core.style.option.Option;

/** How much is written and said in one step. */
public enum Pace implements Option {
    COLUMN("a column at a time"),
    FIGURE("total, digit and carry one by one");

    private final String label;

    Pace(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
