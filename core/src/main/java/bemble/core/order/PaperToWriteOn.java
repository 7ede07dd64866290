package bemble.core.order;

import bemble.core.hand.Hand;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.sheet.Layout;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/** A paper for somebody who has still to write: every square that a hand could need under its method and style. */
public final class PaperToWriteOn {
    private PaperToWriteOn() {}

    /**
     * The squares for the careful hand and for every slip that is known, laid out once: whoever writes, nothing moves.
     *
     * @throws Refusal where the method does not fit the problem
     */
    public static Layout of(WorkOrder order) {
        Problem problem = order.problem();
        Method<?> method = Methods.find(problem, order.method(), order.style());
        List<Working> workings = new ArrayList<>();
        workings.add(Written.by(Hand.CAREFUL, problem, method, order.style()).working());
        for (KnownSlip slip : Slips.of(problem, method.name())) {
            write(slip, problem, method, order.style(), workings);
        }
        return Layout.of(workings);
    }

    private static void write(KnownSlip slip, Problem problem, Method<?> method, HouseStyle style, List<Working> workings) {
        try {
            workings.add(Written.by(slip.slip().over(Hand.CAREFUL), problem, method, style).working());
        } catch (Stuck nowhere) {
            // A hand that cannot go on needs no square.
        }
    }
}
