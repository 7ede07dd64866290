package bemble.core.style.option;

/** When the one that was added below for ten above is taken away. */
public enum PayBack implements Option {
    FIRST("first: 5 and 1 more, so 6 are to go"),
    LAST("last: take 5, then 1 more");

    private final String label;

    PayBack(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
