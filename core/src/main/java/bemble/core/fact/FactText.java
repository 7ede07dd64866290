package bemble.core.fact;

/** A fact as it is read, from its name. */
public final class FactText {
    private FactText() {}

    /**
     * As it is read: {@code 7 × 8} for {@code 7x8}, {@code 7 × 8 = 54} for {@code 7x8=54}.
     *
     * @param name numbers with one of {@code + - x /} and {@code =} between them
     */
    public static String of(String name) {
        return name.replace("x", " × ").replace("+", " + ").replace("-", " − ").replace("/", " ÷ ").replace("=", " = ");
    }
}
