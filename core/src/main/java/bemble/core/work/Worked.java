package bemble.core.work;

import bemble.core.check.Check;
import bemble.core.check.Checking;
import bemble.core.hand.Hand;
import bemble.core.method.Methods;
import bemble.core.method.Outcome;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.record.Answer;
import bemble.core.record.WorkRecord;
import bemble.core.sheet.Layout;
import bemble.core.sheet.Sheet;
import bemble.core.slip.Slip;
import bemble.core.slip.Slipped;
import bemble.core.style.CheckKind;
import bemble.core.style.Way;
import bemble.core.working.Pen;
import bemble.core.working.Working;

/**
 * A problem worked on paper, with its check under it.
 *
 * @param method the id of the method that was followed
 * @param slip the slip it was written with, or null
 */
public record Worked(Problem problem, String method, Answer answer, WorkRecord record, Check check, Working working,
                     Sheet sheet, Slip slip) {
    /**
     * Works a problem with a careful hand, or with the slip that is ordered.
     *
     * @throws Refusal where the method, check or slip does not fit the problem
     */
    public static Worked from(WorkOrder order) {
        Problem problem = order.problem();
        Way way = Methods.find(problem, order.method(), order.style()).way();
        CheckKind kind = Checking.find(problem, order.check(), order.style());
        if (order.slip() == null) {
            Pen pen = new Pen(order.style());
            return finish(problem, way, Methods.of(way).write(problem, Hand.CAREFUL, pen), kind, pen, null, null);
        }
        Slipped slipped = Slipped.write(order.slip(), problem, way, order.style()).orElseThrow(() -> Refusal.of("slip",
                "“" + order.slip().id() + "” cannot happen in " + problem.text()
                        + ", or leaves its answer as it is. Choose another slip or another problem."));
        Worked right = from(order.withCare());
        return finish(problem, slipped.way(), slipped.outcome(), kind, slipped.pen(), right.working, order.slip());
    }

    /** Works the check under a working; {@code right} is what a slip's marks are held against, or null. */
    private static Worked finish(Problem problem, Way way, Outcome outcome, CheckKind kind, Pen pen, Working right,
            Slip slip) {
        Check check = Checking.write(kind, problem, way, outcome.answer(), pen);
        Working working = right == null ? pen.working() : pen.working().against(right);
        return new Worked(problem, way.id(), outcome.answer(), outcome.record(), check, working, Layout.of(working),
                slip);
    }
}
