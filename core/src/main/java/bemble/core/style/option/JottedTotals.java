package bemble.core.style.option;

/** Which totals of columns are jotted beside a sum. */
public enum JottedTotals implements Option {
    NO("none of them"),
    TWO_DIGITS("those of two digits"),
    YES("all of them");

    private final String label;

    JottedTotals(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
