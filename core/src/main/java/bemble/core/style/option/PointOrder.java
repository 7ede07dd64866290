package bemble.core.style.option;

/** When the point of a sum's or a difference's answer is set. */
public enum PointOrder implements Option {
    REACHED("when it is reached"),
    FIRST("first, before any digit");

    private final String label;

    PointOrder(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
