package bemble.core.work;

import bemble.core.check.Check;
import bemble.core.check.Checking;
import bemble.core.hand.Hand;
import bemble.core.method.Method;
import bemble.core.method.Methods;
import bemble.core.method.Outcome;
import bemble.core.problem.Problem;
import bemble.core.record.Answer;
import bemble.core.record.WorkRecord;
import bemble.core.sheet.Layout;
import bemble.core.sheet.Sheet;
import bemble.core.style.CheckKind;
import bemble.core.working.Pen;
import bemble.core.working.Working;

/**
 * A problem worked on paper, with its check under it.
 *
 * @param method the id of the method that was followed
 */
public record Worked(Problem problem, String method, Answer answer, WorkRecord record, Check check, Working working,
                     Sheet sheet) {
    /**
     * Works a problem with a careful hand.
     *
     * @throws bemble.core.problem.Refusal where the method or check does not fit the operation
     */
    public static Worked from(WorkOrder order) {
        Problem problem = order.problem();
        Method<Problem> method = Methods.find(problem, order.method(), order.style());
        CheckKind kind = Checking.find(problem, order.check(), order.style());
        Pen pen = new Pen(order.style());
        Outcome outcome = method.write(problem, Hand.CAREFUL, pen);
        Check check = Checking.write(kind, problem, method.way(), outcome.answer(), pen);
        Working working = pen.working();
        return new Worked(problem, method.way().id(), outcome.answer(), outcome.record(), check, working, Layout.of(working));
    }
}
