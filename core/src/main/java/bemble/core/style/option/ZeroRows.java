package bemble.core.style.option;

/** What is done with a 0 in the lower number of a long multiplication. */
public enum ZeroRows implements Option {
    SKIPPED("its row is skipped"),
    WRITTEN("a row of zeros is written");

    private final String label;

    ZeroRows(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
