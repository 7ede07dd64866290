package bemble.core.style.carry;

import bemble.core.style.option.Option;

/** What becomes of the carries of a product's rows. */
public enum RowCarries implements Option {
    WRITTEN("stands where carries stand"),
    IN_THE_HEAD("is kept in the head");

    private final String label;

    RowCarries(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
