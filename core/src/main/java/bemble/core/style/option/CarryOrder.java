package bemble.core.style.option;

/** When the carry is added in a column. */
public enum CarryOrder implements Option {
    FIRST("first, before the column's digits"),
    LAST("last, after the column's digits");

    private final String label;

    CarryOrder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
