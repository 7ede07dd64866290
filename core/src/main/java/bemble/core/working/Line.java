package bemble.core.working;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A line of a block, by what stands in it; where a block has several of a kind, also which it is: {@code addend-2}. */
public final class Line {
    public static final Line HEADS = new Line(Kind.HEADS);
    public static final Line CARRIES = new Line(Kind.CARRIES);
    public static final Line ON_RULE = new Line(Kind.ON_RULE);
    public static final Line ANSWER = new Line(Kind.ANSWER);
    public static final Line UNDER = new Line(Kind.UNDER);

    /** What stands in a line. */
    public enum Kind {
        HEADS,
        CARRIES,
        ON_RULE,
        ANSWER,
        UNDER,
        /** What is added: addends, or the rows of a product. */
        ADDEND(true),
        ROW_CARRIES(true),
        MINUEND,
        SUBTRAHEND,
        /** What a figure of the minuend has become, from the lowest height up. */
        EXCHANGED(true),
        /** An exchange told in values, beside. */
        EXCHANGE(true),
        SIZES,
        ARCS,
        TICKS,
        TOP,
        BETWEEN,
        BOTTOM,
        EDGE,
        ROW(true),
        /** What is taken away under a dividend or a radicand, and what is left of it. */
        PRODUCT(true),
        DIFFERENCE(true),
        QUOTIENT,
        DIVIDEND,
        DIVISOR,
        BESIDE_DIVIDEND,
        TIMES(true),
        REMAINDER,
        ROOT,
        RADICAND,
        ESTIMATE,
        TOTAL(true),
        NUMBER,
        LABEL,
        /** A line that no method writes in, as it was called by who sent it. */
        OTHER;

        private static final Map<String, Kind> BY_ID =
                Arrays.stream(values()).collect(Collectors.toMap(kind -> kind.id, Function.identity()));

        private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');
        private final boolean several;

        Kind() {
            this(false);
        }

        Kind(boolean several) {
            this.several = several;
        }
    }

    private static final int KNOWN = 64;
    private static final Line[][] NUMBERED = new Line[Kind.values().length][];
    private static final Pattern ID = Pattern.compile("(.*)-(0|[1-9][0-9]{0,5})");

    static {
        for (Kind kind : Kind.values()) {
            Line[] lines = new Line[kind.several ? KNOWN : 0];
            Arrays.setAll(lines, number -> new Line(kind, number, kind.id + "-" + number));
            NUMBERED[kind.ordinal()] = lines;
        }
    }

    private final Kind kind;
    private final int number;
    private final String id;

    private Line(Kind kind) {
        this(kind, 0, kind.id);
    }

    private Line(Kind kind, int number, String id) {
        this.kind = kind;
        this.number = number;
        this.id = id;
    }

    /** The one line of that kind. */
    public static Line of(Kind kind) {
        if (kind.several) {
            throw new IllegalArgumentException("which " + kind.id + "?");
        }
        return new Line(kind);
    }

    /** The line of that kind with that number. */
    public static Line of(Kind kind, int number) {
        if (!kind.several) {
            throw new IllegalArgumentException("there is one " + kind.id);
        }
        Line[] known = NUMBERED[kind.ordinal()];
        return number < known.length ? known[number] : new Line(kind, number, kind.id + "-" + number);
    }

    /** The line of the addend with that number, from 1 at the top. */
    public static Line addend(int number) {
        return of(Kind.ADDEND, number);
    }

    /** The line with that name on paper and in files; one that no method writes in is {@link Kind#OTHER}. */
    public static Line named(String id) {
        Kind only = Kind.BY_ID.get(id);
        if (only != null && !only.several) {
            return new Line(only, 0, id);
        }
        Matcher numbered = ID.matcher(id);
        Kind kind = numbered.matches() ? Kind.BY_ID.get(numbered.group(1)) : null;
        return kind != null && kind.several ? of(kind, Integer.parseInt(numbered.group(2)))
                : new Line(Kind.OTHER, 0, id);
    }

    public Kind kind() {
        return kind;
    }

    public boolean is(Kind other) {
        return kind == other;
    }

    /** Which of its kind it is; 0 where there is only one. */
    public int number() {
        return number;
    }

    /** Its name on paper and in files. */
    public String id() {
        return id;
    }

    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Line that && id.equals(that.id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return id;
    }
}
