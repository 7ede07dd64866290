package bemble.core.style;

/** What getting ten of a place for one of the next is called. */
public enum ExchangeWord implements Option {
    EXCHANGE("exchange"),
    REGROUP("regroup"),
    BORROW("borrow");

    private final String label;

    ExchangeWord(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
