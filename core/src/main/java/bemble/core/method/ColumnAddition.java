package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Problem.Addition;
import bemble.core.record.Answer;
import bemble.core.record.ColumnRecord;
import bemble.core.style.Way;
import bemble.core.working.Pen;

/** Sets the addends out under each other and adds from the right, carrying tens into the next column. */
final class ColumnAddition implements Method<Addition> {
    @Override
    public Way way() {
        return Way.COLUMN;
    }

    @Override
    public Outcome write(Addition addition, Hand hand, Pen pen) {
        WrittenSum sum = WrittenSum.write(addition.addends(), pen.start(), hand, pen);
        return new Outcome(Answer.of(sum.sum(), pen.style()), new ColumnRecord(sum.columns()));
    }
}
