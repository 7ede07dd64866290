package bemble.core.style.word;

import bemble.core.style.option.Option;

/** Which number of a sum or product is written on top. A subtraction is never turned round. */
public enum NumberOrder implements Option {
    USUAL("sums as given, products with the longer number on top"),
    LONGER_ON_TOP("the longer number on top"),
    KEPT("always as given");

    private final String label;

    NumberOrder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
