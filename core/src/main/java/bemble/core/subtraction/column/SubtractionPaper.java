package bemble.core.subtraction.column;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Said;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.stack.PointGoes;
import bemble.core.stack.Stack;
import bemble.core.stack.WrittenLine;
import bemble.core.stack.adding.AddingWords;
import bemble.core.stack.adding.StackPaper;
import bemble.core.subtraction.counting.LastTogether;
import bemble.core.words.Words;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.List;

/** A minuend with its subtrahend under it, and the line for the difference. */
public final class SubtractionPaper {
    public static final Line MINUEND = Line.of(Line.Kind.MINUEND);
    public static final Line SUBTRAHEND = Line.of(Line.Kind.SUBTRAHEND);
    private static final List<Line> LINES = List.of(MINUEND, SUBTRAHEND);

    private final Block block;
    private final Line minuendLine;
    private final Desk desk;
    private final Placed minuend;
    private final Placed subtrahend;
    private final WrittenLine answer;

    /** @param minuendLine the line of the block in which the minuend stands */
    public SubtractionPaper(Block block, Line minuendLine, Placed minuend, Placed subtrahend, Desk desk) {
        this.block = block;
        this.minuendLine = minuendLine;
        this.desk = desk;
        this.minuend = minuend;
        this.subtrahend = subtrahend;
        this.answer = new WrittenLine(lowest());
    }

    /** Sets the subtraction out. */
    public static SubtractionPaper setOut(Subtraction subtraction, Desk desk) {
        Block block = desk.block(BlockName.Kind.SUM, desk.start());
        StackPaper paper = new StackPaper(block, desk).headsLine();
        block.line(MINUEND).line(SUBTRAHEND).line(Line.ANSWER);
        desk.step(StepKind.SET_OUT, block, null, SubtractionPaper::setOut);
        List<Placed> lined = desk.ask(paper.lineUp(LINES, subtraction.operands(), true));
        if (desk.draws()) {
            Stack stack = new Stack(lined);
            paper.heads(stack.highest(), stack.lowest());
            paper.ruleOff(SUBTRAHEND, stack, Operation.SUBTRACTION);
        }
        desk.answerStandsIn(block, Line.ANSWER);
        return new SubtractionPaper(block, MINUEND, lined.get(0), lined.get(1), desk);
    }

    private static Spoken setOut(Said said) {
        Words words = said.words();
        LineUp lineUp = said.asked(LineUp.class);
        boolean points = lineUp.numbers().stream().anyMatch(number -> !number.isWhole());
        boolean rightly = said.decided(LineUp.class).equals(lineUp.careful());
        return Spoken.of("Set out", "Set out " + said.style().number(lineUp.numbers().get(0)) + " " + words.takeAway()
                + " "
                + said.style().number(lineUp.numbers().get(1)) + ": "
                + (rightly ? words.places(0) + " under " + words.places(0) + (points ? ", point under point" : "")
                        : "the numbers begin under each other")
                + ", the number that is taken away below.", "");
    }

    public Block block() {
        return block;
    }

    public Line minuendLine() {
        return minuendLine;
    }

    public Placed minuend() {
        return minuend;
    }

    public Placed subtrahend() {
        return subtrahend;
    }

    public int lowest() {
        return Math.min(minuend.lowest(), subtrahend.lowest());
    }

    public int highest() {
        return Math.max(minuend.highest(), subtrahend.highest());
    }

    /** Sets the point before any digit, where the style does. */
    public void pointFirst() {
        if (lowest() < 0 && desk.style().setsPointFirst()) {
            desk.step(StepKind.POINT, block, null, AddingWords::point);
            point();
        }
    }

    private void point() {
        answer.pointAfter(
                desk.ask(new PointGoes(block, Line.ANSWER, desk.style().point().punctuation().point(), lowest())));
    }

    /** Asks what a column leaves, writes it, and keeps it for the answer. */
    public int difference(int place, int top, int bottom, int payBack, int away, boolean untouched,
            boolean usedUpBeyond) {
        if (place == 0 && lowest() < 0 && !desk.style().setsPointFirst()) {
            point();
        }
        var decision = desk.decide(new Difference(block.at(Line.ANSWER, place), top, bottom, payBack, away, untouched,
                subtrahend.has(place), minuend.has(place), usedUpBeyond));
        if (decision.written()) {
            answer.put(decision.decided());
        } else {
            answer.leaveEmpty();
        }
        return decision.decided();
    }

    /**
     * Whether this column and the 1 before it, with which the number begins, are taken as one, and said so.
     *
     * @param away all that goes away in this column
     */
    public boolean takesTogether(int place, TopFigures tops, int away) {
        int front = place + 1;
        boolean can = desk.style().takesLastTogether() && place >= 0 && front == highest() && tops.at(front) == 1
                && !subtrahend.has(front);
        if (!can || !desk.ask(new LastTogether(place, tops.at(place), away))) {
            return false;
        }
        int beside = tops.at(place);
        desk.step(StepKind.DECIDE, block, place, said -> ExchangeWords.together(said, place, beside, away));
        return true;
    }

    /** The answer as it stands. */
    public Answer answer() {
        return Answer.of(answer.read(), desk.style());
    }
}
