package bemble.core.check;

import bemble.core.hand.Hand;
import bemble.core.method.Method;
import bemble.core.method.Methods;
import bemble.core.method.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.Problem.Addition;
import bemble.core.record.Answer;
import bemble.core.say.CheckTalk;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Checks an answer by working another sum under it with the same pen. */
public final class Checking {
    private static final int LABEL_SQUARES = 3;

    private final Pen pen;
    private final List<Check.Sum> workings = new ArrayList<>();

    private Checking(Pen pen) {
        this.pen = pen;
    }

    /**
     * Works the check.
     *
     * @param answer what the problem's working came to
     * @param pen the pen that wrote the working
     */
    public static Check write(CheckKind kind, Problem problem, Answer answer, Pen pen) {
        return new Checking(pen).write(kind, problem, answer);
    }

    private Check write(CheckKind kind, Problem problem, Answer answer) {
        CheckTalk talk = new CheckTalk(pen.style());
        pen.keepOrder();
        pen.turnTo(Part.CHECK, Placement.under(pen.firstBlock(), 1));
        Block label = pen.block("label", pen.start()).line("label");
        pen.step(StepKind.CHECK, label, null, talk.begin(kind.label()));
        pen.mark(MarkKind.LABEL, label.at("label", LABEL_SQUARES), label.at("label", 1), "check", Role.FRAME,
                Size.TINY, Anchor.MIDDLE);
        pen.turnTo(Part.CHECK, Placement.under(label, 0));
        Check check = switch (kind) {
            case REVERSE_ORDER -> reverseOrder(kind, (Addition) problem, answer);
        };
        pen.step(StepKind.COMPARE, pen.lastBlock(), null, talk.compare(check.expected(), check.actual(), check.holds()));
        return check;
    }

    private Check reverseOrder(CheckKind kind, Addition sum, Answer answer) {
        List<Numeral> reversed = new ArrayList<>(sum.addends());
        Collections.reverse(reversed);
        Addition check = new Addition(reversed);
        Answer actual = work(check);
        return result(kind, check.text() + " = " + actual.value(), answer.value(), actual.value());
    }

    private Answer work(Problem problem) {
        Method<Problem> method = Methods.find(problem, null);
        Outcome outcome = method.write(problem, Hand.CAREFUL, pen);
        workings.add(new Check.Sum(problem.operation().id(), problem.operands().stream().map(Numeral::plain).toList(),
                method.id(), outcome.answer(), outcome.record()));
        return outcome.answer();
    }

    private Check result(CheckKind kind, String statement, String expected, String actual) {
        boolean holds = Numeral.of(expected).compareTo(Numeral.of(actual)) == 0;
        return new Check(kind.id(), statement, expected, actual, holds, workings);
    }
}
