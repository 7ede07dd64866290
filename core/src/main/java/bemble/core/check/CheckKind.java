package bemble.core.check;

import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import java.util.List;
import java.util.stream.Collectors;

/** A way of checking an answer by another sum. */
public enum CheckKind {
    REVERSE_ORDER("reverse-order", "add in the other order", Operation.ADDITION);

    private final String id;
    private final String label;
    private final Operation operation;

    CheckKind(String id, String label, Operation operation) {
        this.id = id;
        this.label = label;
        this.operation = operation;
    }

    public String id() {
        return id;
    }

    /** What a teacher calls it. */
    public String label() {
        return label;
    }

    /** The checks for an operation, the usual one first. */
    public static List<CheckKind> of(Operation operation) {
        return List.of(values()).stream().filter(kind -> kind.operation == operation).toList();
    }

    /**
     * The check of that name, or the usual one.
     *
     * @param id a check's id, or null for the usual one
     * @throws Refusal where the operation has no such check
     */
    public static CheckKind find(Operation operation, String id) {
        List<CheckKind> kinds = of(operation);
        return kinds.stream().filter(kind -> id == null || kind.id.equals(id)).findFirst().orElseThrow(() ->
                Refusal.of("check", "“" + id + "” does not check this. Choose one of: "
                        + kinds.stream().map(CheckKind::id).collect(Collectors.joining(", ")) + "."));
    }
}
