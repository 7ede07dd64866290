package bemble.core.check;

import bemble.core.hand.Answer;
import bemble.core.hand.WorkRecord;
import bemble.core.problem.Operation;
import java.util.List;

/**
 * A check of an answer, really worked.
 *
 * @param kind the check's id
 * @param statement the check in symbols
 * @param expected what must come out
 * @param actual what came out
 * @param holds whether the two agree
 * @param workings the sums worked for it, in order
 */
public record Check(String kind, String statement, String expected, String actual, boolean holds, List<Sum> workings) {
    public Check {
        workings = List.copyOf(workings);
    }

    /** One sum worked for a check. */
    public record Sum(Operation operation, List<String> operands, String method, Answer answer, WorkRecord record) {}
}
