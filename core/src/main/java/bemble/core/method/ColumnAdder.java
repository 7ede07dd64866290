package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.record.AddedColumn;
import bemble.core.say.AdditionTalk;
import bemble.core.style.Pace;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Adds the numbers of a stack that stands on the paper, from the right, into its answer line. */
final class ColumnAdder {
    private final Stack stack;
    private final Block block;
    private final CarrySpots carries;
    private final Hand hand;
    private final Pen pen;
    private final AdditionTalk talk;
    private Block jots;
    private int jotted;

    ColumnAdder(Stack stack, Block block, CarrySpots carries, Hand hand, Pen pen) {
        this.stack = stack;
        this.block = block;
        this.carries = carries;
        this.hand = hand;
        this.pen = pen;
        this.talk = new AdditionTalk(pen.style());
    }

    /** Writes every column; the columns in the order of writing. */
    List<AddedColumn> add() {
        List<AddedColumn> columns = new ArrayList<>();
        int carry = 0;
        int last = hand.lastPlace(stack.numbers());
        for (int place = stack.lowest(); place <= last; place++) {
            AddedColumn column = column(place, carry, place == last);
            columns.add(column);
            carry = column.carryOut();
        }
        return columns;
    }

    private AddedColumn column(int place, int carryIn, boolean last) {
        List<Integer> digits = stack.digitsAt(place);
        int total = hand.total(digits, carryIn);
        pen.step(StepKind.TOTAL, block, place, talk.total(place, digits, carryIn, total));
        jot(total);
        if (carryIn > 0 && pen.style().strikesCarries()) {
            carries.strike(pen, place);
        }
        int digit = last ? hand.lastDigit(total) : hand.digit(total);
        int carry = last ? hand.inFront(total) : hand.carry(total);
        pen.figure(StepKind.DIGIT, block, place,
                last ? talk.last(place, total) : talk.digit(place, total, digit, carry));
        if (last) {
            pen.inFront(block, Lines.ANSWER, place + 1, carry);
        }
        if (place == 0 && stack.lowest() < 0) {
            pen.point(block, Lines.ANSWER, Role.WRITTEN);
        }
        pen.digit(block.at(Lines.ANSWER, place), digit, Role.WRITTEN);
        if (!last && carry > 0) {
            pen.figure(StepKind.CARRY, block, place, talk.carry(place, carry));
            carries.write(pen, place + 1, carry);
        }
        return new AddedColumn(place, digits, carryIn, total, digit, carry);
    }

    /** Jots a total beside the sum, to stay or only until its column is done. */
    private void jot(int total) {
        boolean stays = pen.style().jotsTotals();
        if (!stays && pen.style().pace() != Pace.FIGURE) {
            return;
        }
        if (jots == null) {
            jots = pen.block("totals", Placement.rightOf(block, null, 1));
        }
        String line = "total-" + (stays ? ++jotted : 1);
        jots.line(line);
        pen.small(jots.at(line, 0), total, Role.JOT, Anchor.MIDDLE);
        if (!stays) {
            pen.forAWhile();
        }
    }
}
