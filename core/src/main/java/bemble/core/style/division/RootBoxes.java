package bemble.core.style.division;

import bemble.core.style.option.Option;

/** From which digit of a root on open boxes stand for the digit that is sought. */
public enum RootBoxes implements Option {
    SECOND("from its second digit on"),
    FIRST("from its first digit on");

    private final String label;

    RootBoxes(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
