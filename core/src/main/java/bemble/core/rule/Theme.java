package bemble.core.rule;

import bemble.core.style.MethodName;
import java.util.List;
import java.util.Set;

/**
 * A kind of decision that rules may concern.
 *
 * @param id its name in the text of a rule, such as {@code difference}
 * @param methods the methods in which it is asked
 * @param turns what it may become
 * @param guards when
 * @param help what to show somebody who decides it otherwise
 * @param <Q> the kind of question
 */
public record Theme<Q>(String id, Set<MethodName> methods, List<Turn<Q>> turns, List<Guard<Q>> guards, String help) {
    /** Every rule that can be made of this theme. */
    public List<Clause<Q>> clauses() {
        return guards.stream().flatMap(guard -> turns.stream().map(turn -> new Clause<>(this, turn, guard))).toList();
    }
}
