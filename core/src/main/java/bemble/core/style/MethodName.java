package bemble.core.style;

import bemble.core.problem.Operation;
import bemble.core.style.option.Option;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The school methods of working an operation, by name; the first of each operation is the usual one. */
public enum MethodName implements Option {
    COLUMN("column", "in columns", Operation.ADDITION),
    RUNNING("running", "two at a time", Operation.ADDITION),
    PARTIAL_SUMS("partial-sums", "partial sums", Operation.ADDITION),
    DECOMPOSITION("decomposition", "exchange", Operation.SUBTRACTION),
    EQUAL_ADDITIONS("equal-additions", "equal additions", Operation.SUBTRACTION),
    COUNTING_UP("counting-up", "counting up", Operation.SUBTRACTION),
    LONG_MULTIPLICATION("long", "long", Operation.MULTIPLICATION),
    AREA("area", "box", Operation.MULTIPLICATION),
    CROSSWISE("crosswise", "crosswise", Operation.MULTIPLICATION),
    LONG_DIVISION("long", "long", Operation.DIVISION),
    SHORT_DIVISION("short", "short", Operation.DIVISION),
    PARTIAL_QUOTIENTS("partial-quotients", "partial quotients", Operation.DIVISION),
    DOUBLED_ROOT("doubled-root", "doubled root", Operation.SQUARE_ROOT),
    RUNNING_DIVISOR("running-divisor", "running divisor", Operation.SQUARE_ROOT),
    /** No school's method but the procedure of a slip, never offered. */
    MATCHING_COLUMNS("matching-columns", "matching columns only", null);

    private final String id;
    private final String label;
    private final @Nullable Operation operation;

    MethodName(String id, String label, @Nullable Operation operation) {
        this.id = id;
        this.label = label;
        this.operation = operation;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** The operation it works; null for a slip's procedure. */
    public @Nullable Operation operation() {
        return operation;
    }

    /** The methods of an operation, the usual one first. */
    public static List<MethodName> of(Operation operation) {
        return Stream.of(values()).filter(name -> name.operation == operation).toList();
    }
}
