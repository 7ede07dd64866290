package bemble.core.root;

import bemble.core.hand.Desk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.stack.Descent;
import bemble.core.stack.LineUp;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The paper of a square root: the root above its pairs, the descent below, the divisors at the left. */
final class RootPaper {
    static final Line ROOT = Line.of(Line.Kind.ROOT);
    static final Line RADICAND = Line.of(Line.Kind.RADICAND);
    /** Squares at the right of the doubled root: the digit beside it, a sign, and the digit again. */
    static final int DIGIT_AND_FACTOR = 3;
    static final int FACTOR_SQUARES = 2;
    private static final Line ESTIMATE = Line.of(Line.Kind.ESTIMATE);
    private static final int LETTERS_A_SQUARE = 3;

    private final Desk desk;
    private final RootPairs pairs;
    private final Block block;
    private final Block side;
    private final Descent descent;
    private @Nullable Block aside;
    /** The last pair of zeros that stands there from the start; none where that is above all places. */
    private int zerosTo = Integer.MAX_VALUE;

    private RootPaper(Desk desk, RootPairs pairs, Block block, Block side) {
        this.desk = desk;
        this.pairs = pairs;
        this.block = block;
        this.side = side;
        this.descent = new Descent(block, desk);
    }

    static RootPaper setOut(SquareRoot problem, int stages, Desk desk) {
        Block block = desk.block(BlockName.Kind.ROOT, desk.start()).line(ROOT).line(RADICAND);
        Block side = desk.block(BlockName.Kind.DIVISORS, Placement.leftOf(block, RADICAND, 1)).line(RADICAND);
        Numeral radicand = problem.radicand();
        int pairsOfItsOwn = (radicand.highest() / 2 + 1) + radicand.decimals() / 2;
        boolean zeros = desk.style().setsOutRootZeros() && stages > pairsOfItsOwn;
        desk.step(StepKind.SET_OUT, block, null, said -> RootWords.setOut(said, problem, zeros));
        char point = desk.style().point().punctuation().point();
        desk.ask(new LineUp(block, List.of(RADICAND), List.of(radicand), false, point));
        RootPairs pairs = new RootPairs(radicand, desk.ask(new MarkedOff(radicand)));
        RootPaper paper = new RootPaper(desk, pairs, block, side);
        if (zeros) {
            paper.zerosTo = pairs.first() - 2 * (stages - 1);
        }
        if (desk.draws()) {
            int first = pairs.first() + (radicand.has(pairs.first() + 1) ? 1 : 0);
            desk.draw(MarkKind.SIGN, block.at(RADICAND, first + 1), null, Operation.SQUARE_ROOT.sign(), Role.FRAME,
                    Size.FULL, Anchor.MIDDLE);
            // The rule reaches over every pair that the root can still take.
            desk.rule(block, RADICAND, first,
                    Math.min(Math.min(0, radicand.lowest()), pairs.first() - 2 * (stages - 1)));
            for (int place = pairs.first(); place >= Math.min(0, radicand.lowest()); place -= 2) {
                paper.underPair(place);
            }
            for (int place = pairs.first(); paper.isSetOut(place); place -= 2) {
                paper.zerosIn(place);
            }
        }
        desk.answerStandsIn(block, ROOT);
        return paper;
    }

    private void underPair(int place) {
        boolean single = place >= 0 && !pairs.radicand().has(place + 1);
        desk.draw(MarkKind.UNDERLINE, block.at(RADICAND, single ? place : place + 1), block.at(RADICAND, place), "",
                Role.FRAME, Size.FULL, Anchor.LOW);
    }

    RootPairs pairs() {
        return pairs;
    }

    Block block() {
        return block;
    }

    Block side() {
        return side;
    }

    Descent descent() {
        return descent;
    }

    /** Fills a pair behind the point with zeros where the radicand has no digits, the first behind a whole number with its point. */
    private void zerosIn(int place) {
        Numeral radicand = pairs.radicand();
        if (place == -2 && radicand.isWhole()) {
            desk.point(block, RADICAND, Role.PADDING);
        }
        for (int at = place + 1; at >= place; at--) {
            if (at < 0 && !radicand.has(at)) {
                desk.draw(MarkKind.DIGIT, block.at(RADICAND, at), null, "0", Role.PADDING, Size.FULL, Anchor.MIDDLE);
            }
        }
        if (place < Math.min(0, radicand.lowest())) {
            underPair(place);
        }
    }

    /** Whether a pair stands there from the start, with the zeros that fill it. */
    boolean isSetOut(int place) {
        return place >= zerosTo;
    }

    /** Brings a pair down beside the last difference; a pair of zeros beyond the radicand is first written there. */
    String bringDown(int place) {
        String pair = pairs.at(place);
        if (desk.draws() && !isSetOut(place)) {
            zerosIn(place);
        }
        int left = descent.bringDown(RADICAND, place + 1, pair.charAt(0) - '0');
        if (pair.length() == 1) {
            return Integer.toString(left);
        }
        int right = descent.bringDown(RADICAND, place, pair.charAt(1) - '0');
        return left + "" + right;
    }

    /** Jots an estimate beside the working, for a while. */
    void jotEstimate(String estimate) {
        if (desk.draws()) {
            if (aside == null) {
                aside = desk.block(BlockName.Kind.ESTIMATE, Placement.rightOf(block, null, 1)).line(ESTIMATE);
            }
            int squares = 1 + estimate.length() / LETTERS_A_SQUARE;
            desk.drawForAWhile(MarkKind.LABEL, aside.at(ESTIMATE, squares), aside.at(ESTIMATE, 0), estimate, Role.JOT,
                    Size.SMALL, Anchor.MIDDLE);
        }
    }

    /** Gives the block at the left the lines of the descent, so that both are level. */
    void level() {
        for (Line line : block.lines()) {
            if (!line.equals(ROOT)) {
                side.line(line);
            }
        }
    }
}
