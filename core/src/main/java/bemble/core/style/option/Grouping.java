package bemble.core.style.option;

import org.jspecify.annotations.Nullable;

/** How the digits of a long number are grouped where it stands on one line; in columns a light mark parts the groups. */
public enum Grouping implements Option {
    NONE("not at all, 1234567", "", false),
    THIN_SPACE("by a thin space, 1 234 567", "\u2009", false),
    SEPARATOR("by a comma (a dot where the comma is the point), 1,234,567", null, false),
    APOSTROPHE("by an apostrophe, 1’234’567", "’", false),
    THREES_AND_TWOS("three, then twos, 12,34,567", null, true);

    private final String label;
    private final @Nullable String sign;
    private final boolean twos;

    Grouping(String label, @Nullable String sign, boolean twos) {
        this.label = label;
        this.sign = sign;
        this.twos = twos;
    }

    @Override
    public String label() {
        return label;
    }

    /** The sign between groups. */
    public String sign(PointSign point) {
        return sign != null ? sign : String.valueOf(point.punctuation().separator());
    }

    /** Whether the groups left of the first three digits are twos. */
    public boolean twos() {
        return twos;
    }
}
