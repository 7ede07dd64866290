package bemble.core.order;

import bemble.core.estimate.Estimate;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Part;
import bemble.core.working.Spoken;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The sentence that ends a working: what came out, and about how much was to be expected. */
final class Closing {
    /** An estimate with more digits than this, before its zeros, is none to be held in the head. */
    private static final int ROUND = 2;

    private Closing() {}

    /** The working with its answer said at the end of the work. */
    static Working said(Working working, Worked worked) {
        List<Step> steps = new ArrayList<>(working.steps());
        for (int i = steps.size() - 1; i >= 0; i--) {
            Step last = steps.get(i);
            if (last.part() == Part.WORK) {
                steps.set(i, new Step(last.n(), last.kind(), last.part(), last.block(), last.place(),
                        () -> last.spoken().and(Spoken.of("", sentence(worked), ""))));
                break;
            }
        }
        return new Working(working.blocks(), List.copyOf(steps), working.marks(), working.answer());
    }

    private static String sentence(Worked worked) {
        if (worked.slip() != null) {
            return "";
        }
        Problem problem = worked.problem();
        HouseStyle style = worked.style();
        Numeral answer = Numeral.of(worked.answer().value());
        // A division and a root end with their answer already.
        boolean told = problem.operation() == Operation.DIVISION || problem.operation() == Operation.SQUARE_ROOT;
        String result = told ? "" : problem.operands().stream().map(style::number)
                .collect(Collectors.joining(" " + problem.operation().sign() + " ")) + " = " + style.number(answer)
                + ".";
        Numeral about = Estimate.value(problem, 1);
        boolean round = about.digits().replaceAll("0+$", "").length() <= ROUND;
        boolean tells = round && answer.compareTo(about) != 0 && answer.length() - answer.decimals() > 1;
        return (result + (tells ? " About " + style.number(about) + " was to be expected." : "")).strip();
    }
}
