package bemble.core.stack.adding;

import bemble.core.hand.Desk;
import bemble.core.hand.Talk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.stack.LineUp;
import bemble.core.stack.Stack;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.Heads;
import bemble.core.style.word.NumberOrder;
import bemble.core.words.PlaceNames;
import bemble.core.words.Words;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.Comparator;
import java.util.List;

/** The lines round numbers that stand under each other: heads, room for carries, the sign and the rule. */
public record StackPaper(Block block, Desk desk) {
    /** Makes room for the column heads where the style has them. */
    public StackPaper headsLine() {
        if (desk.style().heads() != Heads.NONE) {
            block.line(Line.HEADS);
        }
        return this;
    }

    /** Writes column heads, where the house style has them. */
    public void heads(int highest, int lowest) {
        if (desk.style().heads() == Heads.NONE || !desk.draws()) {
            return;
        }
        Words words = new Words(desk.style());
        for (int place = highest; place >= lowest; place--) {
            String head = desk.style().heads() == Heads.WORDS ? words.places(place)
                    : PlaceNames.letters(place, desk.style().onesWord());
            desk.draw(MarkKind.HEAD, block.at(Line.HEADS, place), null, head, Role.FRAME, Size.TINY, Anchor.MIDDLE);
        }
    }

    /** Makes room above the numbers. */
    public StackPaper above() {
        if (desk.carriesStand(CarryPlace.ABOVE_NEXT)) {
            block.line(Line.CARRIES);
        }
        return this;
    }

    /** Makes room below the numbers. */
    public StackPaper below() {
        if (desk.carriesStand(CarryPlace.ON_THE_RULE)) {
            block.line(Line.ON_RULE);
        }
        block.line(Line.ANSWER);
        if (desk.carriesStand(CarryPlace.UNDER_ANSWER)) {
            block.line(Line.UNDER);
        }
        return this;
    }

    /** Writes the sign before the last number and the rule under it. */
    public void ruleOff(Line lastLine, Stack stack, Operation operation) {
        ruleOff(lastLine, Line.ANSWER, stack, operation);
    }

    private void ruleOff(Line lastLine, Line ruled, Stack stack, Operation operation) {
        int left = stack.highest() + 1;
        desk.sign(block.at(lastLine, left), operation.sign());
        desk.rule(block, ruled, left, stack.lowest());
    }

    /** The carries of a sum whose last number stands in that line. */
    public CarrySpots carries(Line lastLine) {
        return CarrySpots.of(desk.style().carryPlace(), block, lastLine);
    }

    /** Adds numbers that were set out above their rule. */
    public ColumnSum add(Stack stack, Line lastLine) {
        return add(stack, desk.style().padsZeros(), lastLine);
    }

    private ColumnSum add(Stack stack, boolean padded, Line lastLine) {
        desk.answerStandsIn(block, Line.ANSWER);
        return ColumnAdder.add(stack, padded, block, carries(lastLine), desk);
    }

    /** Rules numbers off that were written one by one, and adds them. */
    public ColumnSum addUp(Stack stack, Line lastLine, Talk talk) {
        return addUp(stack, lastLine, Line.ANSWER, talk);
    }

    /**
     * The same where something stands between the numbers and their sum.
     *
     * @param ruled the line over which the rule is drawn
     */
    public ColumnSum addUp(Stack stack, Line lastLine, Line ruled, Talk talk) {
        below();
        desk.step(StepKind.SET_OUT, block, null, talk);
        ruleOff(lastLine, ruled, stack, Operation.ADDITION);
        return add(stack, false, lastLine);
    }

    /** Numbers from top to bottom, as the style has them. */
    public static List<Numeral> topToBottom(List<Numeral> numbers, NumberOrder order) {
        return order != NumberOrder.LONGER_ON_TOP ? numbers
                : numbers.stream().sorted(Comparator.comparingInt(Numeral::highest).reversed()).toList();
    }

    /** The question where numbers go, in these lines. */
    public LineUp lineUp(List<Line> lines, List<Numeral> numbers, boolean padsTop) {
        return new LineUp(block, lines, numbers, desk.style().padsZeros(), padsTop,
                desk.style().pointsWholeNumbers(),
                desk.style().point().punctuation().point());
    }
}
