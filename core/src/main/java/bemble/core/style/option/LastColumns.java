package bemble.core.style.option;

/** What happens where the 1 at the front of a minuend would be used up whole by an exchange. */
public enum LastColumns implements Option {
    APART("one by one"),
    TOGETHER("together, as 13");

    private final String label;

    LastColumns(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
