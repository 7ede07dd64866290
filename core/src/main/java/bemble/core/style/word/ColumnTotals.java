package bemble.core.style.word;

import bemble.core.style.option.Option;

/** How the total of a column is said. */
public enum ColumnTotals implements Option {
    AT_ONCE("at once"),
    RUNNING("as it grows, number by number"),
    JOTTED("as it grows, and jotted so");

    private final String label;

    ColumnTotals(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
