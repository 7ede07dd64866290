package bemble.core.style.option;

/** How the parts of partial sums come together. */
public enum PartSums implements Option {
    COLUMNS("written down and added in columns"),
    JOTTED("added on as one goes, each total jotted"),
    IN_THE_HEAD("added on as one goes, in the head"),
    ONE_LINE("written on behind an equals sign, then added");

    private final String label;

    PartSums(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
