package bemble.core.method;

import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.record.Answer;
import bemble.core.say.SubtractionTalk;
import bemble.core.working.Block;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.StepKind;
import java.util.List;

/** A minuend with its subtrahend under it, and the line for the difference. */
final class Difference {
    static final String MINUEND = "minuend";
    static final String SUBTRAHEND = "subtrahend";

    private final Block block;
    private final Placed minuend;
    private final Placed subtrahend;
    private final Pen pen;

    private Difference(Block block, List<Placed> lined, Pen pen) {
        this.block = block;
        this.minuend = lined.get(0);
        this.subtrahend = lined.get(1);
        this.pen = pen;
    }

    /** Sets the subtraction out. */
    static Difference setOut(Subtraction subtraction, List<Placed> lined, SubtractionTalk talk, Pen pen) {
        Difference difference = new Difference(pen.block("sum", pen.start()), lined, pen);
        difference.writeGiven(talk, subtraction);
        return difference;
    }

    private void writeGiven(SubtractionTalk talk, Subtraction subtraction) {
        Stack stack = new Stack(List.of(minuend, subtrahend));
        StackPaper paper = new StackPaper(block, pen);
        paper.headsLine();
        block.line(MINUEND).line(SUBTRAHEND).line(Lines.ANSWER);
        pen.step(StepKind.SET_OUT, block, null, talk.setOut(subtraction));
        paper.heads(stack.highest(), stack.lowest());
        paper.padded(MINUEND, minuend, stack);
        paper.number(SUBTRAHEND, subtrahend, stack);
        pen.sign(block.at(SUBTRAHEND, stack.highest() + 1), Operation.SUBTRACTION.sign());
        pen.rule(block, Lines.ANSWER, stack.highest() + 1, stack.lowest());
    }

    Block block() {
        return block;
    }

    Placed minuend() {
        return minuend;
    }

    Placed subtrahend() {
        return subtrahend;
    }

    int lowest() {
        return Math.min(minuend.lowest(), subtrahend.lowest());
    }

    int highest() {
        return Math.max(minuend.highest(), subtrahend.highest());
    }

    /** Writes a digit of the answer, and the point before the ones. */
    void write(int place, int digit) {
        if (place == 0 && lowest() < 0) {
            pen.point(block, Lines.ANSWER, Role.WRITTEN);
        }
        pen.digit(block.at(Lines.ANSWER, place), digit, Role.WRITTEN);
    }

    /** The answer as it can be read. */
    Answer answer() {
        Numeral answer = Numeral.of(pen.read(block, Lines.ANSWER));
        return Answer.of(answer, pen.style());
    }
}
