package bemble.core.hand;

import bemble.core.problem.Operation;
import bemble.core.style.MethodName;
import java.util.Set;

/**
 * A slip that teachers meet, under the name it has in files and in the API.
 *
 * @param id such as {@code carry-forgotten}; the same under every method of an operation
 * @param methods the methods under which it is defined
 * @param label what the hand does, in a teacher's words, to follow "the hand …"
 * @param met how common it is thought to be
 * @param help what to show a pupil who makes it
 * @param decimals whether it is defined for numbers with decimals, instead of whole ones
 */
public record KnownSlip(String id, Operation operation, Set<MethodName> methods, String label, Met met, String help,
                        boolean decimals, Slip slip) {
    /** How common a slip is thought to be. */
    public enum Met {
        OFTEN, SOMETIMES, RARE
    }

    /** A slip in whole numbers under one method. */
    public static KnownSlip of(String id, MethodName method, String label, Met met, String help, Slip slip) {
        return new KnownSlip(id, method.operation(), Set.of(method), label, met, help, false, slip);
    }

    /** The same under other methods too. */
    public KnownSlip under(MethodName... more) {
        return new KnownSlip(id, operation, Set.of(more), label, met, help, decimals, slip);
    }
}
