package bemble.core.style;

import bemble.core.problem.Operation;
import bemble.core.style.option.Option;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A way of checking an answer by another sum; the first of each operation is the usual one. */
public enum CheckKind implements Option {
    REVERSE_ORDER("add in the other order", Operation.ADDITION),
    SUBTRACT_ONE("take the last number away again (the harder skill)", Operation.ADDITION),
    SUBTRACT_FIRST("take the first number away again (the harder skill)", Operation.ADDITION),
    ADD_BACK("add back", Operation.SUBTRACTION),
    SWAP("multiply the other way round", Operation.MULTIPLICATION),
    DIVIDE_BACK("divide back", Operation.MULTIPLICATION),
    MULTIPLY_BACK("multiply back and add the remainder", Operation.DIVISION),
    SQUARE_BACK("multiply the root by itself and add what is left over", Operation.SQUARE_ROOT),
    OTHER_METHOD("work it by another method", null),
    NINES("compare the remainders by nine", null);

    private final String label;
    private final @Nullable Operation operation;

    CheckKind(String label, @Nullable Operation operation) {
        this.label = label;
        this.operation = operation;
    }

    @Override
    public String label() {
        return label;
    }

    /** The checks that fit an operation, the usual one first. */
    public static List<CheckKind> of(Operation operation) {
        return Stream.of(values()).filter(kind -> kind.operation == null || kind.operation == operation).toList();
    }
}
