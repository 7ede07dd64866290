package bemble.core.problem;

import java.util.Locale;

/** The five operations worked on squared paper. */
public enum Operation implements Coded {
    ADDITION("addition", "+"),
    SUBTRACTION("subtraction", "−"),
    MULTIPLICATION("multiplication", "×"),
    DIVISION("division", "÷"),
    SQUARE_ROOT("square-root", "√");

    private final String id;
    private final String sign;

    Operation(String id, String sign) {
        this.id = id;
        this.sign = sign;
    }

    /** The name used in files and in the API, such as {@code square-root}. */
    @Override
    public String id() {
        return id;
    }

    /** What a teacher calls it, such as {@code Square root}. */
    public String title() {
        String words = id.replace('-', ' ');
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** The beginning of the names of choices about it: {@code addition}, {@code root}. */
    public String property() {
        return id.substring(id.indexOf('-') + 1);
    }

    /** The sign written on paper. */
    public String sign() {
        return sign;
    }

    /**
     * The operation with that {@link #id()}.
     *
     * @throws Refusal when there is none
     */
    public static Operation of(String id) {
        for (Operation operation : values()) {
            if (operation.id.equals(id)) {
                return operation;
            }
        }
        throw Refusal.of("operation", "“" + id + "” is not an operation. "
                + "Choose addition, subtraction, multiplication, division or square-root.");
    }
}
