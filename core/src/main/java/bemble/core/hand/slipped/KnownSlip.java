package bemble.core.hand.slipped;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A slip that teachers meet, under the name it has in files and in the API.
 *
 * @param id such as {@code carry-forgotten}; the same under every method of an operation
 * @param methods the methods under which it is defined
 * @param name the cause in a few words, for a margin or a table
 * @param label what the hand does, in a teacher's words, to follow "the hand …"
 * @param met how common it is thought to be
 * @param help what to show a pupil who makes it
 * @param numbers the numbers for which it is defined
 * @param slip the hand that makes it; of a family one of them
 * @param family the hands of a family in a problem, such as one for each addend that may be missed; null where it is
 *     one hand only
 * @param members the hands of a family of which a writer has always the same, such as one fact known wrongly, each under
 *     a name of its own; null where there is no such family
 */
public record KnownSlip(String id, Operation operation, Set<MethodName> methods, String name, String label, Met met,
        String help, Numbers numbers, Slip slip, @Nullable Function<Problem, List<Slip>> family,
        @Nullable Function<Problem, Map<String, Slip>> members) {
    /** How common a slip is thought to be. */
    public enum Met {
        OFTEN,
        SOMETIMES,
        RARE
    }

    /** The numbers for which a slip is defined. */
    public enum Numbers {
        WHOLE,
        ANY,
        WITH_DECIMALS
    }

    /** A slip in whole numbers under some methods of one operation. */
    public static KnownSlip of(String id, Set<MethodName> methods, String name, String label, Met met, String help,
            Slip slip) {
        return new KnownSlip(id, Objects.requireNonNull(methods.iterator().next().operation()), methods, name, label,
                met, help, Numbers.WHOLE,
                slip,
                null, null);
    }

    /** The same for other numbers. */
    public KnownSlip in(Numbers more) {
        return new KnownSlip(id, operation, methods, name, label, met, help, more, slip, family, members);
    }

    /** A slip is told by its name and where it belongs: hands and families cannot be compared. */
    @Override
    public boolean equals(Object other) {
        return other instanceof KnownSlip slip && id.equals(slip.id) && operation == slip.operation
                && methods.equals(slip.methods);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** The same under another name. */
    public KnownSlip called(String other) {
        return new KnownSlip(id, operation, methods, other, label, met, help, numbers, slip, family, members);
    }

    /** The hands of this slip in a problem. */
    public List<Slip> slips(Problem problem) {
        return family == null ? List.of(slip) : family.apply(problem);
    }

    /** A slip of which each writer makes one member of a family, the same whenever it can be made. */
    public KnownSlip members(Function<Problem, Map<String, Slip>> named) {
        return new KnownSlip(id, operation, methods, name, label, met, help, numbers, slip,
                problem -> List.copyOf(named.apply(problem).values()), named);
    }

    /** A slip that can be made in one of several ways, as many as a problem offers. */
    public KnownSlip ways(Function<Problem, List<Slip>> ways) {
        return new KnownSlip(id, operation, methods, name, label, met, help, numbers, slip, ways, null);
    }
}
