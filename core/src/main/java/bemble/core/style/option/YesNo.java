package bemble.core.style.option;

/** A thing done or left out. */
public enum YesNo implements Option {
    NO("no"),
    YES("yes");

    private final String label;

    YesNo(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
