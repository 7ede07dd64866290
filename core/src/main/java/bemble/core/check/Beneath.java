package bemble.core.check;

import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Talk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.ColumnAdder;
import bemble.core.stack.adding.ColumnSum;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.StepKind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A check in place: what stands at the foot of a sum is added right beneath it, nothing is copied that stands there. */
final class Beneath {
    private final Desk desk;
    private final Block above;
    private final Block block;

    /** @param above the block at whose foot the numbers stand, its answer lowest */
    Beneath(Block above, Desk desk) {
        this.desk = desk;
        this.above = above;
        this.block = desk.block(BlockName.Kind.BENEATH, Placement.beneath(above));
        // Above the columns stands the sum itself.
        desk.writeIn(desk.style().withCarriesIn());
    }

    Block block() {
        return block;
    }

    /** Adds two numbers of which both stand there. */
    ColumnSum addBoth(List<Numeral> numbers, Talk talk) {
        Stack stack = Stack.of(numbers);
        StackPaper paper = new StackPaper(block, desk).below();
        desk.step(StepKind.SET_OUT, block, null, talk);
        desk.sign(above.at(Line.ANSWER, stack.highest() + 1), Operation.ADDITION.sign());
        desk.rule(block, Line.ANSWER, stack.highest() + 1, stack.lowest());
        CarrySpots carries = desk.carriesStand(CarryPlace.FOOT_OF_NEXT)
                ? CarrySpots.of(CarryPlace.FOOT_OF_NEXT, above, Line.ANSWER) : paper.carries(Line.ANSWER);
        return ColumnAdder.add(stack, desk.style().padsZeros(), block, carries, desk);
    }

    /** Writes a number under the one that stands there, and adds it. */
    ColumnSum addOneMore(Numeral there, Numeral more, Talk talk) {
        Line line = Line.addend(2);
        block.line(line);
        StackPaper paper = new StackPaper(block, desk).below();
        desk.step(StepKind.SET_OUT, block, null, talk);
        Stack one = new Stack(desk.ask(paper.lineUp(List.of(line), List.of(more), false)));
        Stack both = new Stack(List.of(Stack.of(List.of(there)).numbers().get(0), one.numbers().get(0)));
        paper.ruleOff(line, both, Operation.ADDITION);
        return ColumnAdder.add(both, false, block, paper.carries(line), desk);
    }

    /** Whether these digits stand in that line of a block, a square each and in their places. */
    static boolean stands(Numeral number, Block block, Line line, Desk desk) {
        Map<Integer, String> there = new HashMap<>();
        for (Decision<?> decision : desk.decisions(0, desk.mark())) {
            for (Figure figure : decision.ink()) {
                if (figure.kind() == MarkKind.DIGIT && figure.anchor() == Anchor.MIDDLE
                        && figure.at().equals(block.at(line, figure.at().place()))) {
                    there.put(figure.at().place(), figure.text());
                }
            }
        }
        for (int place = number.lowest(); place <= number.highest(); place++) {
            if (!Integer.toString(number.digit(place)).equals(there.get(place))) {
                return false;
            }
        }
        return there.entrySet().stream().allMatch(each -> number.has(each.getKey()) || each.getValue().equals("0"));
    }
}
