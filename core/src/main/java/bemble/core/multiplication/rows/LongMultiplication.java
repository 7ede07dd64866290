package bemble.core.multiplication.rows;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.Placed;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import java.util.ArrayList;
import java.util.List;

/** Multiplies the upper number by each digit of the lower, a row a digit, and adds the rows. */
public final class LongMultiplication implements Method<Multiplication> {
    @Override
    public MethodName name() {
        return MethodName.LONG_MULTIPLICATION;
    }

    @Override
    public Outcome write(Multiplication multiplication, Desk desk) {
        ProductPaper paper = ProductPaper.setOut(multiplication, desk);
        Numeral top = paper.top();
        Numeral bottom = paper.bottom();
        boolean[] zero = new boolean[bottom.length()];
        int written = 0;
        for (int place = 0; place <= bottom.highest(); place++) {
            zero[place] = desk.ask(new ZeroRow(place, bottom.digit(place), top.isZero()));
            written += zero[place] ? 0 : 1;
        }
        RowWriter writer = new RowWriter(paper, desk, written);
        List<RowWriter.Row> rows = new ArrayList<>();
        List<Placed> values = new ArrayList<>();
        Numeral only = Numeral.ZERO;
        for (int place = 0; place <= bottom.highest(); place++) {
            boolean alone = written == 1 && !zero[place] || written == 0 && place == 0;
            Line line = alone ? Line.ANSWER : Line.addend(place + 1);
            RowWriter.Row row = zero[place] ? writer.zeroRow(place, line) : writer.write(place, line);
            rows.add(row);
            if (!zero[place]) {
                values.add(row.placed());
                only = row.value();
            }
        }
        desk.answerStandsIn(paper.block(), Line.ANSWER);
        ColumnSum sum = values.size() < 2 ? null : new StackPaper(paper.block(), desk).addUp(new Stack(values),
                writer.lastLine(), writer.lowerRule(),
                said -> Spoken.of("Add the rows", "Now add the " + writer.rowsThere() + " rows.", ""));
        Numeral answer = sum != null ? sum.sum() : only;
        return new Outcome(Answer.of(answer, desk.style()),
                () -> new LongMultiplicationRecord(top.plain(), bottom.plain(),
                        rows.stream().map(RowWriter.Row::record).toList(),
                        sum == null ? null : new ColumnRecord(sum.columns())));
    }
}
