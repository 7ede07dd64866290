package bemble.core.diagnosis;

import java.util.ArrayList;
import java.util.List;

/**
 * A writer with one habit, with two, or with none.
 *
 * @param one a slip's name, or null
 * @param other a second slip's name, or null
 */
record Habit(String one, String other) {
    static final Habit NONE = new Habit(null, null);

    boolean has(String slip) {
        return slip.equals(one) || slip.equals(other);
    }

    List<String> slips() {
        List<String> slips = new ArrayList<>(2);
        if (one != null) {
            slips.add(one);
        }
        if (other != null) {
            slips.add(other);
        }
        return slips;
    }
}
