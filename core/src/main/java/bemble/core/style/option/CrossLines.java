package bemble.core.style.option;

/** How it is shown which digits are multiplied crosswise. */
public enum CrossLines implements Option {
    DRAWN("lines between them"),
    WASHED("a wash over them");

    private final String label;

    CrossLines(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
