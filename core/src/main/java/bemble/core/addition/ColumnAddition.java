package bemble.core.addition;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.MethodName;

/** Sets the addends out under each other and adds from the right, carrying tens into the next column. */
public final class ColumnAddition implements Method<Addition> {
    @Override
    public MethodName name() {
        return MethodName.COLUMN;
    }

    @Override
    public Outcome write(Addition addition, Desk desk) {
        WrittenSum sum = WrittenSum.write(addition.addends(), desk.start(), desk);
        return new Outcome(Answer.of(sum.added().sum(), desk.style()), () -> new ColumnRecord(sum.added().columns()));
    }
}
