package bemble.core.style.option;

/** What stands above the columns. */
public enum Heads implements Option {
    NONE("none"),
    LETTERS("letters"),
    WORDS("words");

    private final String label;

    Heads(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
