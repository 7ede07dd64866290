package bemble.core.order;

import bemble.core.estimate.HeadEstimate;
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
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The sentence that ends a working, with what came out; and where the style says so, about how much was to be expected, said before
 * the first step and held against the answer at the end.
 */
final class Closing {
    private Closing() {}

    /** The working with its answer said at the end of the work. */
    static Working said(Working working, Worked worked) {
        List<Step> steps = new ArrayList<>(working.steps());
        if (worked.style().estimatesFirst() && worked.slip() == null) {
            IntStream.range(0, steps.size()).filter(i -> steps.get(i).part() == Part.WORK).findFirst()
                    .ifPresent(first -> steps.set(first, with(steps.get(first), step -> Spoken
                            .of("", estimate(worked).map(HeadEstimate::before).orElse(""), "").and(step.spoken()))));
        }
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).part() == Part.WORK) {
                steps.set(i, with(steps.get(i), step -> step.spoken().and(Spoken.of("", sentence(worked), ""))));
                break;
            }
        }
        return new Working(working.blocks(), List.copyOf(steps), working.marks(), working.answer());
    }

    private static Step with(Step step, Function<Step, Spoken> spoken) {
        return new Step(step.n(), step.kind(), step.part(), step.block(), step.place(), () -> spoken.apply(step));
    }

    private static Optional<HeadEstimate> estimate(Worked worked) {
        return HeadEstimate.of(worked.problem(), worked.style());
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
        String fits = style.estimatesFirst()
                ? estimate(worked).map(head -> " " + head.after(style.number(answer))).orElse("") : "";
        return (result + fits + " " + style.answerMark().says()).strip();
    }
}
