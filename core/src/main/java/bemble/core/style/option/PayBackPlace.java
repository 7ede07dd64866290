package bemble.core.style.option;

/** Where the one stands that is added below for ten above. */
public enum PayBackPlace implements Option {
    BELOW("at the foot of the next column"),
    IN_ANSWER("in the answer's row");

    private final String label;

    PayBackPlace(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
