package bemble.core.stack.adding;

import bemble.core.hand.Desk;
import bemble.core.stack.Digit;
import bemble.core.stack.Jots;
import bemble.core.stack.PointGoes;
import bemble.core.stack.Stack;
import bemble.core.stack.Taken;
import bemble.core.stack.WrittenLine;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.StepKind;
import java.util.List;

/** Adds the numbers of a stack that stands on the paper, from the right, carrying tens into the next column. */
public final class ColumnAdder {
    private ColumnAdder() {}

    /**
     * Writes every column into the answer line.
     *
     * @param padded whether zeros fill the empty places
     */
    public static ColumnSum add(Stack stack, boolean padded, Block block, CarrySpots carries, Desk desk) {
        int from = desk.mark();
        Stack taken = new Stack(desk.ask(new Taken(stack.numbers())));
        int lowest = taken.lowest();
        Jots jots = new Jots(block, desk);
        WrittenLine answer = new WrittenLine(lowest);
        int last = desk.ask(new LastColumn(taken.numbers()));
        // A ten may be carried too far; one column beyond the last is written in front.
        int[] carried = new int[Math.max(0, last - lowest) + 2];
        boolean pointFirst = lowest < 0 && desk.style().setsPointFirst();
        if (pointFirst) {
            desk.step(StepKind.POINT, block, null, AddingWords::point);
            point(lowest, block, answer, desk);
        }
        for (int place = lowest; place <= last; place++) {
            boolean setsPoint = place == 0 && lowest < 0 && !pointFirst;
            int carry = carried[place - lowest];
            List<Integer> digits = taken.digitsAt(place);
            if (desk.style().decidesAloud() && digits.size() + Integer.signum(carry) > 1) {
                desk.step(StepKind.DECIDE, block, place, AddingWords::makesTen);
                desk.ask(new MakesTen(place, digits, carry));
            }
            desk.step(StepKind.TOTAL, block, place, AddingWords::total);
            int total = desk.ask(new Total(place, digits, padded ? taken.paddedAt(place) : digits, carry,
                    jots.next(desk.words().inOrder(digits, carry).stream().filter(term -> term > 0).toList())));
            if (carry > 0 && desk.style().strikesCarries()) {
                carries.strike(place, carry, desk);
            }
            if (place == last) {
                desk.figure(StepKind.DIGIT, block, place, AddingWords::last);
                int inFront = desk.ask(new InFront(block.at(Line.ANSWER, place + 1), total,
                        carried[place + 1 - lowest], false));
                if (setsPoint) {
                    point(lowest, block, answer, desk);
                }
                answer.put(desk.ask(new Digit(block.at(Line.ANSWER, place), total, true, false, false)));
                if (inFront > 0) {
                    answer.put(inFront);
                }
                break;
            }
            int column = place;
            Carry.written(desk, () -> {
                desk.figure(StepKind.DIGIT, block, column, AddingWords::digit);
                if (setsPoint) {
                    point(lowest, block, answer, desk);
                }
                answer.put(desk.ask(new Digit(block.at(Line.ANSWER, column), total, false, false, false)));
            }, () -> carry(column, lowest, total, carried, carries, block, desk));
        }
        return new ColumnSum(answer.read(), desk, from, desk.mark());
    }

    private static int carry(int place, int lowest, int total, int[] carried, CarrySpots carries, Block block,
            Desk desk) {
        int next = total < 10 ? place + 1 : desk.ask(new GoesTo(place));
        int out = desk.ask(new Carry(carries, place, next, total, carried[place - lowest], carried[next - lowest],
                false));
        carried[next - lowest] += out;
        if (out > 0) {
            desk.figureOfLast(StepKind.CARRY, block, place, AddingWords::carry);
        }
        return out;
    }

    private static void point(int lowest, Block block, WrittenLine answer, Desk desk) {
        answer.pointAfter(
                desk.ask(new PointGoes(block, Line.ANSWER, desk.style().point().punctuation().point(), lowest)));
    }
}
