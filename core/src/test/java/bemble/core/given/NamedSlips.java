package bemble.core.given;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Operation;
import bemble.core.style.MethodName;
import java.util.Map;
import java.util.Set;

/** The slips whose names and meanings are fixed: each has a model in plain arithmetic. */
public final class NamedSlips {
    public static final Map<Operation, Set<String>> IDS = Map.of(
            Operation.ADDITION, Set.of("carry-forgotten", "both-digits-written", "carry-swapped", "last-carry-lost",
                    "lined-up-left", "needless-carry", "lone-digit-dropped", "subtracted-instead"),
            Operation.SUBTRACTION, Set.of("smaller-from-larger", "exchange-not-paid", "zero-takes-the-digit",
                    "zero-gives-zero", "nines-for-free", "zeros-skipped", "added-instead", "lined-up-left"),
            Operation.MULTIPLICATION, Set.of("placeholder-forgotten", "carry-forgotten", "carry-added-first",
                    "zero-keeps-the-digit", "matching-columns-only", "sum-carry-forgotten"),
            Operation.DIVISION, Set.of("quotient-zero-forgotten", "remainder-forgotten", "digit-one-short"),
            Operation.SQUARE_ROOT, Set.of("root-not-doubled", "digit-not-set-beside", "root-zero-forgotten"));

    private NamedSlips() {}

    public static boolean has(KnownSlip slip) {
        return IDS.get(slip.operation()).contains(slip.id())
                && (slip.methods().contains(MethodName.of(slip.operation()).get(0))
                        || slip.methods().contains(MethodName.EQUAL_ADDITIONS));
    }
}
