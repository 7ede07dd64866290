package bemble.core.style.word;

import bemble.core.style.option.Option;

/** What is said for the minus sign. */
public enum TakeAwayWord implements Option {
    TAKE_AWAY("take away"),
    MINUS("minus");

    private final String label;

    TakeAwayWord(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
