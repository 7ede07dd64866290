package bemble.core.style.option;

/** What becomes of the products of a column that is multiplied crosswise. */
public enum CrossProducts implements Option {
    JOTTED("are jotted beside"),
    IN_THE_HEAD("are kept in the head");

    private final String label;

    CrossProducts(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
