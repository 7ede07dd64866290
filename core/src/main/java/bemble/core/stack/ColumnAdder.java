package bemble.core.stack;

import bemble.core.hand.Desk;
import bemble.core.working.Block;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.List;

/** Adds the numbers of a stack that stands on the paper, from the right, carrying tens into the next column. */
public final class ColumnAdder {
    private ColumnAdder() {}

    /** Writes every column into the answer line. */
    public static ColumnSum add(Stack stack, Block block, CarrySpots carries, Desk desk) {
        int from = desk.mark();
        int lowest = stack.lowest();
        Jots jots = new Jots(block, desk);
        WrittenLine answer = new WrittenLine(lowest);
        int carry = 0;
        int last = desk.ask(new LastColumn(stack.numbers()));
        for (int place = lowest; place <= last; place++) {
            List<Integer> digits = stack.digitsAt(place);
            desk.step(StepKind.TOTAL, block, place, AddingWords::total);
            int total = desk.ask(new Total(place, digits, carry, jots.next(), jots.stay()));
            if (carry > 0 && desk.style().strikesCarries()) {
                carries.strike(place, carry, desk);
            }
            if (place == last) {
                desk.figure(StepKind.DIGIT, block, place, AddingWords::last);
                int inFront = desk.ask(new InFront(block.at(Lines.ANSWER, place + 1), total));
                point(place, lowest, block, desk);
                answer.put(desk.ask(new Digit(block.at(Lines.ANSWER, place), total, true, false)));
                if (inFront > 0) {
                    answer.put(inFront);
                }
                break;
            }
            desk.figure(StepKind.DIGIT, block, place, AddingWords::digit);
            point(place, lowest, block, desk);
            answer.put(desk.ask(new Digit(block.at(Lines.ANSWER, place), total, false, false)));
            carry = desk.ask(new Carry(carries, place, place + 1, total));
            if (carry > 0) {
                desk.figureOfLast(StepKind.CARRY, block, place, AddingWords::carry);
            }
        }
        return new ColumnSum(answer.read(), desk, from, desk.mark());
    }

    private static void point(int place, int lowest, Block block, Desk desk) {
        if (place == 0 && lowest < 0) {
            desk.point(block, Lines.ANSWER, Role.WRITTEN);
        }
    }
}
