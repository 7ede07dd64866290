package bemble.core.style;

/** What happens where the 1 at the front of a minuend would be used up whole by an exchange. */
public enum LastColumns implements Option {
    APART("column by column: the 1 is exchanged"),
    TOGETHER("together: 13 stand there, nothing is exchanged");

    private final String label;

    LastColumns(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
