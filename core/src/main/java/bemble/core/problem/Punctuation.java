package bemble.core.problem;

/** Which sign is the point of a number, as a teacher writes it: {@code COMMA.write("20.5")} is {@code 20,5}. */
public enum Punctuation {
    POINT('.', ','),
    COMMA(',', '.'),
    /** A comma, where a point from the number pad means one too: no digits are grouped by it. */
    COMMA_OR_POINT(',', '.');

    private final char point;
    private final char other;

    Punctuation(char point, char other) {
        this.point = point;
        this.other = other;
    }

    /** The sign before the decimals. */
    public char point() {
        return point;
    }

    /** What the decimal sign is called. */
    public String word() {
        return this == POINT ? "point" : "comma";
    }

    /** A text with plain numbers in it, such as {@code 3.47 + 2.85}, as it is written with this point. */
    public String write(String plain) {
        return plain.replace('.', point);
    }

    /** A problem as it is written with this point. */
    public String write(Problem problem) {
        return write(problem.text());
    }

    /** What was typed with this punctuation, a lone point from the number pad as the comma that it means. */
    public String echoed(String typed) {
        int at = typed.indexOf('.');
        boolean lone = at >= 0 && typed.indexOf('.', at + 1) < 0 && typed.indexOf(',') < 0;
        return this == COMMA_OR_POINT && lone ? typed.replace('.', ',') : typed;
    }

    /** The sign of the two that may group digits. */
    public char separator() {
        return other;
    }
}
