package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Hypothesis;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Habits of one name.
 *
 * @param likeliest the likeliest of its limits and members
 * @param best how likely that one is
 * @param weight how likely they are together
 * @param names the names of all that come to the same
 */
record Habit(Hypothesis likeliest, double best, double weight, Set<List<String>> names) {
    Habit with(Habit other) {
        return together(best >= other.best ? this : other, other);
    }

    /** The same under the name of one of the two. */
    Habit together(Habit name, Habit other) {
        Set<List<String>> all = new LinkedHashSet<>(names);
        all.addAll(other.names);
        return new Habit(name.likeliest, name.best, weight + other.weight, all);
    }

    List<String> slips() {
        return likeliest.slips();
    }
}
