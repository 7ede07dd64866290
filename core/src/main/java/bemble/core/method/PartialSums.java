package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.record.Answer;
import bemble.core.record.PartialSum;
import bemble.core.record.PartialSumsRecord;
import bemble.core.say.PartialSumsTalk;
import bemble.core.style.Way;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Leaves the numbers side by side, adds what each place is worth from the highest down, and adds those parts. */
final class PartialSums implements Method<Addition> {
    private static final String ARCS = "arcs";
    private static final String NUMBER = "number";

    @Override
    public Way way() {
        return Way.PARTIAL_SUMS;
    }

    @Override
    public Outcome write(Addition addition, Hand hand, Pen pen) {
        PartialSumsTalk talk = new PartialSumsTalk(pen.style());
        Stack numbers = new Stack(addition.addends().stream().map(addend -> new Placed(addend, 0)).toList());
        List<Block> row = sideBySide(numbers, talk, pen);
        Block parts = pen.block("parts", Placement.under(row.get(0), 0));
        SumFrame frame = new SumFrame(parts, pen);
        frame.above();
        List<PartialSum> record = new ArrayList<>();
        List<Placed> stack = new ArrayList<>();
        for (int place = numbers.highest(); place >= numbers.lowest(); place--) {
            List<Integer> digits = numbers.digitsAt(place);
            int total = hand.total(digits, 0);
            Numeral value = worth(total, place);
            record.add(new PartialSum(place, digits, value.plain()));
            stack.add(new Placed(value, 0));
            pen.step(StepKind.PART, row.get(0), place, talk.part(place, digits, total, value));
            join(numbers, row, place, pen);
            writePart(parts, Lines.addend(record.size()), value, pen);
        }
        Numeral sum = stack.size() == 1 ? stack.get(0).number() : addUp(new Stack(stack), frame, talk, hand);
        return new Outcome(Answer.of(sum, pen.style()), new PartialSumsRecord(record));
    }

    private static List<Block> sideBySide(Stack numbers, PartialSumsTalk talk, Pen pen) {
        List<Block> row = new ArrayList<>();
        for (Placed number : numbers.numbers()) {
            Placement where = row.isEmpty() ? pen.start() : Placement.rightOf(row.get(row.size() - 1), null, 0);
            Block block = pen.block("addend", where).line(ARCS).line(NUMBER);
            if (row.isEmpty()) {
                pen.step(StepKind.SET_OUT, block, null,
                        talk.setOut(numbers.numbers().stream().map(Placed::number).toList()));
            } else {
                pen.sign(block.at(NUMBER, number.highest() + 1), Operation.ADDITION.sign());
            }
            new StackPaper(block, pen).number(NUMBER, number, new Stack(List.of(number)));
            row.add(block);
        }
        return row;
    }

    /** Arcs from digit to digit of one place, while they are added. */
    private static void join(Stack numbers, List<Block> row, int place, Pen pen) {
        Block last = null;
        for (int i = 0; i < row.size(); i++) {
            if (numbers.numbers().get(i).has(place)) {
                if (last != null) {
                    pen.mark(MarkKind.ARC, last.at(NUMBER, place), row.get(i).at(NUMBER, place), "", Role.FRAME,
                            Size.FULL, Anchor.HIGH);
                    pen.forAWhile();
                }
                last = row.get(i);
            }
        }
    }

    private static void writePart(Block parts, String line, Numeral value, Pen pen) {
        parts.line(line);
        pen.digits(parts, line, new Placed(value, 0), Role.WRITTEN);
        if (!value.isWhole()) {
            pen.point(parts, line, Role.WRITTEN);
        }
    }

    private static Numeral addUp(Stack stack, SumFrame frame, PartialSumsTalk talk, Hand hand) {
        frame.addUp(stack, Lines.addend(stack.numbers().size()),
                talk.addUp(stack.numbers().stream().map(Placed::number).toList()), hand);
        return frame.sum();
    }

    /** What that many of a place are worth, written with as many decimals as the place needs. */
    private static Numeral worth(int total, int place) {
        BigDecimal value = BigDecimal.valueOf(total).scaleByPowerOfTen(place);
        return Numeral.of(value.setScale(Math.max(0, -place)).toPlainString());
    }
}
