package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.record.Answer;
import bemble.core.record.AreaRecord;
import bemble.core.say.AreaTalk;
import bemble.core.style.Way;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Multiplies every part of one number by every part of the other in a box, and adds the rows. */
final class AreaMultiplication implements Method<Multiplication> {
    @Override
    public Way way() {
        return Way.AREA;
    }

    @Override
    public Outcome write(Multiplication multiplication, Hand hand, Pen pen) {
        AreaTalk talk = new AreaTalk(pen.style());
        List<BigInteger> across = Expanded.of(multiplication.multiplicand());
        List<BigInteger> down = Expanded.of(multiplication.multiplier());
        AreaBox box = new AreaBox(pen.block("box", pen.start()), across.size(),
                AreaBox.slotFor(multiplication.multiplicand().length() + multiplication.multiplier().length()), pen);
        box.lines(down.size());
        pen.step(StepKind.SET_OUT, box.block(), null, talk.setOut(multiplication, texts(across), texts(down)));
        box.draw(across, down);
        List<List<BigInteger>> cells = new ArrayList<>();
        for (int row = 0; row < down.size(); row++) {
            List<BigInteger> line = new ArrayList<>();
            for (int column = 0; column < across.size(); column++) {
                BigInteger cell = hand.product(down.get(row), across.get(column));
                pen.step(StepKind.PRODUCT, box.block(), null, talk.cell(across.get(column), down.get(row), cell));
                box.cell(row, column, cell);
                line.add(cell);
            }
            cells.add(line);
        }
        List<BigInteger> totals = new ArrayList<>();
        for (int row = 0; row < down.size(); row++) {
            BigInteger total = hand.sum(cells.get(row));
            pen.step(StepKind.PART, box.block(), null, talk.rowTotal(down.get(row), cells.get(row), total));
            box.total(row, total);
            totals.add(total);
        }
        Numeral answer = totals.size() == 1 ? Numeral.of(totals.get(0)) : addRows(totals, box.block(), talk, hand, pen);
        return new Outcome(Answer.of(answer, pen.style()),
                new AreaRecord(texts(across), texts(down), cells.stream().map(AreaMultiplication::texts).toList(),
                        texts(totals)));
    }

    private static Numeral addRows(List<BigInteger> totals, Block box, AreaTalk talk, Hand hand, Pen pen) {
        Block block = pen.block("rows", Placement.under(box, 1));
        SumFrame frame = new SumFrame(block, pen);
        Stack stack = new Stack(totals.stream().map(total -> new Placed(Numeral.of(total), 0)).toList());
        frame.above();
        for (int i = 1; i <= totals.size(); i++) {
            block.line(Lines.addend(i));
        }
        frame.below();
        String last = Lines.addend(totals.size());
        pen.step(StepKind.SET_OUT, block, null, talk.addRows(totals.size()));
        for (int i = 1; i <= totals.size(); i++) {
            pen.digits(block, Lines.addend(i), stack.numbers().get(i - 1), Role.GIVEN);
        }
        frame.ruleOff(last, stack);
        frame.add(stack, last, hand);
        return frame.sum();
    }

    private static List<String> texts(List<BigInteger> numbers) {
        return numbers.stream().map(BigInteger::toString).toList();
    }
}
