package bemble.core.style.option;

/** How far apart the columns of sums, differences and products stand. */
public enum ColumnGap implements Option {
    NONE("square beside square"),
    SQUARE("a square apart");

    private final String label;

    ColumnGap(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
