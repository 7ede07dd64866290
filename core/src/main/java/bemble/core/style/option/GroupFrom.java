package bemble.core.style.option;

/** From how many digits on a number is grouped, where the style groups at all. */
public enum GroupFrom implements Option {
    FIVE("five digits on", 5),
    FOUR("four digits on", 4);

    private final String label;
    private final int digits;

    GroupFrom(String label, int digits) {
        this.label = label;
        this.digits = digits;
    }

    @Override
    public String label() {
        return label;
    }

    public int digits() {
        return digits;
    }
}
