package bemble.core.style.option;

/** What is written in the empty places at the end of a row of a long multiplication. */
public enum Placeholder implements Option {
    ZERO("zeros"),
    CROSS("crosses"),
    BLANK("nothing");

    private final String label;

    Placeholder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
