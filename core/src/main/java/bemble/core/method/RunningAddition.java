package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.record.Answer;
import bemble.core.record.RunningRecord;
import bemble.core.record.RunningStage;
import bemble.core.style.Way;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import java.util.ArrayList;
import java.util.List;

/** Adds two numbers at a time; each sum is set out again with the next addend under it. */
final class RunningAddition implements Method<Addition> {
    @Override
    public Way way() {
        return Way.RUNNING;
    }

    @Override
    public Outcome write(Addition addition, Hand hand, Pen pen) {
        List<RunningStage> stages = new ArrayList<>();
        Numeral sum = addition.addends().get(0);
        for (Numeral next : addition.addends().subList(1, addition.addends().size())) {
            Placement where = stages.isEmpty() ? pen.start() : Placement.under(pen.firstBlock(), 1);
            WrittenSum written = WrittenSum.write(List.of(sum, next), where, hand, pen);
            sum = written.sum();
            stages.add(new RunningStage(written.addends().stream().map(Numeral::plain).toList(), sum.plain(),
                    written.columns()));
        }
        return new Outcome(Answer.of(sum, pen.style()), new RunningRecord(stages));
    }
}
