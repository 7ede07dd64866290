package bemble.core.method;

import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.record.RootStage;
import bemble.core.say.RootTalk;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.math.BigInteger;

/** The paper of a square root: the root above its pairs, the descent below, the divisors at the left. */
final class RootPaper {
    static final String ROOT = "root";
    private static final String RADICAND = "radicand";
    /** Squares at the right of the doubled root: the digit beside it, a sign, and the digit again. */
    private static final int DIGIT_AND_FACTOR = 3;
    private static final int FACTOR_SQUARES = 2;

    private final Pen pen;
    private final RootPairs pairs;
    private final boolean running;
    private final Block block;
    private final Block side;
    private final Descent descent;
    private String sideLine = RADICAND;
    /** In a running column, the place of the last divisor's last digit; every new digit stands further right. */
    private int divisorEnd;

    RootPaper(Pen pen, RootPairs pairs, boolean running) {
        this.pen = pen;
        this.pairs = pairs;
        this.running = running;
        this.block = pen.block("root", pen.start()).line(ROOT).line(RADICAND);
        this.side = pen.block("divisors", Placement.leftOf(block, RADICAND, 1)).line(RADICAND);
        this.descent = new Descent(block, pen);
    }

    Block block() {
        return block;
    }

    void setOut(SquareRoot problem, RootTalk talk) {
        pen.step(StepKind.SET_OUT, block, null, talk.setOut(problem));
        Numeral radicand = problem.radicand();
        pen.digits(block, RADICAND, new Placed(radicand, 0), Role.GIVEN);
        if (!radicand.isWhole()) {
            pen.point(block, RADICAND, Role.GIVEN);
        }
        int first = pairs.first() + 1;
        pen.mark(MarkKind.SIGN, block.at(RADICAND, first + 1), null, Operation.SQUARE_ROOT.sign(), Role.FRAME, Size.FULL,
                Anchor.MIDDLE);
        pen.rule(block, RADICAND, first, Math.min(0, radicand.lowest()));
        for (int place = pairs.first(); place >= radicand.lowest(); place -= 2) {
            underPair(place);
        }
    }

    private void underPair(int place) {
        pen.mark(MarkKind.UNDERLINE, block.at(RADICAND, place + 1), block.at(RADICAND, place), "", Role.FRAME, Size.FULL,
                Anchor.LOW);
    }

    /** Brings a pair down beside the last difference; a pair of zeros beyond the radicand is first written there. */
    void bringDown(int place, String pair) {
        Numeral radicand = pairs.radicand();
        if (place == -2 && radicand.isWhole()) {
            pen.point(block, RADICAND, Role.PADDING);
        }
        for (int at = place + 1; at >= place; at--) {
            if (!radicand.has(at)) {
                pen.digit(block.at(RADICAND, at), 0, Role.PADDING);
            }
        }
        if (place < radicand.lowest()) {
            underPair(place);
        }
        descent.bringDown(RADICAND, place + 1, pair.charAt(0) - '0');
        descent.bringDown(RADICAND, place, pair.charAt(1) - '0');
    }

    /** Writes the doubled root at the left, with a box for the digit that is sought. */
    void doubled(BigInteger doubled, RootStage before) {
        sideLine = descent.current();
        level();
        Numeral number = Numeral.of(doubled);
        if (running) {
            pen.sign(side.at(descent.productLine(), divisorEnd + number.length()), Operation.ADDITION.sign());
            pen.digit(side.at(descent.productLine(), divisorEnd), before.digit(), Role.WRITTEN);
            pen.rule(side, sideLine, divisorEnd + number.length(), divisorEnd);
            pen.digits(side, sideLine, new Placed(number, divisorEnd), Role.WRITTEN);
            divisorEnd--;
        } else if (!number.isZero()) {
            pen.digits(side, sideLine, new Placed(number, DIGIT_AND_FACTOR), Role.WRITTEN);
        }
        pen.mark(MarkKind.BOX, side.at(sideLine, running ? divisorEnd : FACTOR_SQUARES), null, "", Role.FRAME,
                Size.FULL, Anchor.MIDDLE);
        pen.forAWhile();
    }

    /**
     * Writes the digit found in the root and beside the doubled root.
     *
     * @param inRoot whether it is written in the root as well
     */
    void digit(int place, int digit, boolean inRoot) {
        if (place == -2) {
            pen.point(block, ROOT, Role.WRITTEN);
        }
        if (inRoot) {
            pen.digit(block.at(ROOT, place), digit, Role.WRITTEN);
        }
        pen.digit(side.at(sideLine, running ? divisorEnd : FACTOR_SQUARES), digit, Role.WRITTEN);
        if (!running) {
            pen.sign(side.at(sideLine, 1), Operation.MULTIPLICATION.sign());
            pen.digit(side.at(sideLine, 0), digit, Role.WRITTEN);
        }
    }

    void product(BigInteger product, int place) {
        descent.product(product, place);
    }

    void difference(BigInteger difference, int place, boolean last) {
        descent.difference(difference, place, last);
    }

    /** Gives the block at the left the lines of the descent, so that both are level. */
    private void level() {
        block.lines().stream().filter(line -> !line.equals(ROOT)).forEach(side::line);
    }
}
