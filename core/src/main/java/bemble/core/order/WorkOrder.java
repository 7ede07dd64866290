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
 * @param with the id of a second slip made beside it, or null
 */
public record WorkOrder(Problem problem, @Nullable String method, HouseStyle style, @Nullable String check,
        @Nullable String slip, @Nullable String with) {
    /** @throws Refusal if there is no such slip, or a second one without a first */
    public WorkOrder {
        if (slip != null) {
            Slips.requireKnown(slip, "slip");
        }
        if (with != null) {
            if (slip == null) {
                throw Refusal.of("slip", "“with” names a second slip. Say the first one too, as “slip”.");
            }
            Slips.requireKnown(with, "with");
        }
    }

    public WorkOrder(Problem problem, @Nullable String method, HouseStyle style, @Nullable String check,
            @Nullable String slip) {
        this(problem, method, style, check, slip, null);
    }

    public WorkOrder(Problem problem, @Nullable String method, HouseStyle style, @Nullable String check) {
        this(problem, method, style, check, null);
    }

    /** The same without a slip. */
    public WorkOrder withCare() {
        return new WorkOrder(problem, method, style, check);
    }
}
