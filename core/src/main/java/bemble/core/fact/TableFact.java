package bemble.core.fact;

import bemble.core.problem.Coded;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A fact in its square of a table: 7 × 8 is the square of 7 and 8, and so is 8 + 7, or 15 − 7, which leaves 8.
 *
 * @param table whose it is
 * @param one its row, from 1 to {@value #MOST}
 * @param other its column; for a difference what is left
 */
public record TableFact(Table table, int one, int other) {
    /** The last row and column. */
    public static final int MOST = 10;
    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,3})([+x-])(\\d{1,3})(?:\\+1)?");

    /** What is learnt as a table. */
    public enum Table implements Coded {
        PLUS,
        MINUS,
        TIMES;

        private static Table of(char sign) {
            return sign == '+' ? PLUS : sign == '-' ? MINUS : TIMES;
        }
    }

    /**
     * The square of a fact by its name, such as {@code 7x8}, {@code 8+5} or {@code 13-6}. With a one carried, such as
     * {@code 8+5+1}, it is the fact before it.
     *
     * @return nothing where it stands in no table, such as {@code 45+6}
     */
    public static Optional<TableFact> named(String name) {
        Matcher parts = WRITTEN.matcher(name);
        if (!parts.matches()) {
            return Optional.empty();
        }
        Table table = Table.of(parts.group(2).charAt(0));
        int first = Integer.parseInt(parts.group(1));
        int second = Integer.parseInt(parts.group(3));
        TableFact fact = table == Table.MINUS ? new TableFact(table, second, first - second)
                : new TableFact(table, Math.min(first, second), Math.max(first, second));
        return fact.isThere() ? Optional.of(fact) : Optional.empty();
    }

    private boolean isThere() {
        return one >= 1 && other >= 1 && one <= MOST && other <= MOST;
    }

    /** The same fact the other way round, which is known with it: 8 × 7 with 7 × 8; a difference has none. */
    public TableFact turned() {
        return table == Table.MINUS ? this : new TableFact(table, /* one= */ other, /* other= */ one);
    }

    /** Its name as it is asked for, such as {@code 7x8}. */
    public String name() {
        return switch (table) {
            case PLUS -> Math.max(one, other) + "+" + Math.min(one, other);
            case MINUS -> one + other + "-" + one;
            case TIMES -> Math.min(one, other) + "x" + Math.max(one, other);
        };
    }

    /** As it is read in its square, such as {@code 7 × 8}. */
    public String text() {
        return switch (table) {
            case PLUS -> one + " + " + other;
            case MINUS -> one + other + " − " + one;
            case TIMES -> one + " × " + other;
        };
    }
}
