package bemble.core.style.word;

import bemble.core.style.option.Option;

/** Where it is said whether there is enough on top, a ten can be made, or the divisor goes. */
public enum Deciding implements Option {
    WHERE_IT_CHANGES("where it changes something"),
    EVERY_COLUMN("in every column, before it is worked");

    private final String label;

    Deciding(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
