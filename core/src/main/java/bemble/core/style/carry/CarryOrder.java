package bemble.core.style.carry;

import bemble.core.style.option.Option;

/** When the carry is added in a column. */
public enum CarryOrder implements Option {
    FIRST("first, before the column's digits"),
    LAST("last, after the column's digits");

    private final String label;

    CarryOrder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
