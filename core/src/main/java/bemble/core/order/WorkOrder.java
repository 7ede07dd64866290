package bemble.core.order;

import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import org.jspecify.annotations.Nullable;

/**
 * What is to be worked, and how: 687 + 58 by {@code column} with the slip {@code carry-forgotten}, for instance, which comes
 * to 635.
 *
 * @param method the id of a method, or null for the usual one
 * @param check the id of a check, or null for the usual one
 * @param slip the id of the slip to write it with, or null for a careful hand
 */
public record WorkOrder(Problem problem, @Nullable String method, HouseStyle style, @Nullable String check,
        @Nullable String slip) {
    /** @throws Refusal if there is no such slip */
    public WorkOrder {
        if (slip != null) {
            Slips.requireKnown(slip);
        }
    }

    public WorkOrder(Problem problem, @Nullable String method, HouseStyle style, @Nullable String check) {
        this(problem, method, style, check, null);
    }

    /** The same without a slip. */
    public WorkOrder withCare() {
        return new WorkOrder(problem, method, style, check);
    }
}
