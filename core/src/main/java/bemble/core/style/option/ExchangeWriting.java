package bemble.core.style.option;

/** How the ten got by an exchange is written at the column that needs it. */
public enum ExchangeWriting implements Option {
    IN_FRONT("a small 1 in front of the digit"),
    ALWAYS_IN_FRONT("a small 1 in front, of a 0 that passes it on too"),
    IN_FULL("the digit struck, the new number above it"),
    IN_THE_HEAD("nothing: figures and exchanges are kept in the head");

    private final String label;

    ExchangeWriting(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
