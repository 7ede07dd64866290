package bemble.core.style.option;

/** Where a number is added back, and a remainder to its product. */
public enum CheckPlace implements Option {
    APART("as a sum of its own"),
    BENEATH("in place: one more line right beneath");

    private final String label;

    CheckPlace(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
