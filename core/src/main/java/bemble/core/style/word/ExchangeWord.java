package bemble.core.style.word;

import bemble.core.style.option.Option;

/** What getting ten of a place for one of the next is called. */
public enum ExchangeWord implements Option {
    EXCHANGE("exchange", "for"),
    REGROUP("regroup", "as"),
    BORROW("borrow", "as");

    private final String label;
    private final String link;

    ExchangeWord(String label, String link) {
        this.label = label;
        this.link = link;
    }

    /** What goes between the one and its ten: one is exchanged for ten, but regrouped as ten. */
    public String link() {
        return link;
    }

    @Override
    public String label() {
        return label;
    }
}
