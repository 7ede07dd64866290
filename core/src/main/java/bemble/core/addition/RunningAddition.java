package bemble.core.addition;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.style.MethodName;
import bemble.core.working.Placement;
import java.util.ArrayList;
import java.util.List;

/** Adds two numbers at a time; each sum is set out again with the next addend under it. */
public final class RunningAddition implements Method<Addition> {
    @Override
    public MethodName name() {
        return MethodName.RUNNING;
    }

    @Override
    public Outcome write(Addition addition, Desk desk) {
        List<WrittenSum> sums = new ArrayList<>();
        Numeral sum = addition.addends().get(0);
        for (Numeral next : addition.addends().subList(1, addition.addends().size())) {
            Placement where = sums.isEmpty() ? desk.start() : Placement.under(desk.firstBlock(), 1);
            WrittenSum written = WrittenSum.write(List.of(sum, next), where, desk);
            sums.add(written);
            sum = written.added().sum();
        }
        return new Outcome(Answer.of(sum, desk.style()),
                () -> new RunningRecord(sums.stream().map(each -> new RunningStage(
                        each.addends().stream().map(Numeral::plain).toList(), each.added().sum().plain(),
                        each.added().columns()))
                        .toList()));
    }
}
