package bemble.core.style.option;

/** How the ten got by an exchange is written at the column that needs it. */
public enum ExchangeWriting implements Option {
    IN_FRONT("a small 1 in front of the digit"),
    IN_FULL("the digit struck, the new number above it");

    private final String label;

    ExchangeWriting(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
