package bemble.core.style.word;

import bemble.core.style.option.Option;

/** What a division is said to do, the whole working through. */
public enum DivisionTalk implements Option {
    SHARING("sharing: 43 tens shared among 7"),
    MEASURING("measuring out: how many 7s are in 43? 6, so 6 tens");

    private final String label;

    DivisionTalk(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
