package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.record.Answer;
import bemble.core.record.RootRecord;
import bemble.core.record.RootStage;
import bemble.core.say.RootTalk;
import bemble.core.working.Pen;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** The stages that both layouts of a square root have in common. */
final class RootStages {
    private static final BigInteger HUNDRED = BigInteger.valueOf(100);

    private final SquareRoot problem;
    private final Hand hand;
    private final Pen pen;
    private final RootPairs pairs;
    private final RootTalk talk;
    private final RootPaper paper;
    private BigInteger root = BigInteger.ZERO;
    private BigInteger left = BigInteger.ZERO;

    /** @param running whether the divisor runs down a column instead of being doubled anew */
    RootStages(SquareRoot problem, Hand hand, Pen pen, boolean running) {
        this.problem = problem;
        this.hand = hand;
        this.pen = pen;
        this.pairs = new RootPairs(problem.radicand());
        this.talk = new RootTalk(pen.style(), running);
        this.paper = new RootPaper(pen, pairs, running);
    }

    Outcome write() {
        List<RootStage> stages = new ArrayList<>();
        paper.setOut(problem, talk);
        int last = -2 * problem.decimals();
        int place = pairs.first();
        while (true) {
            stages.add(stage(place, stages.isEmpty() ? null : stages.get(stages.size() - 1), last));
            boolean exact = isExact(place);
            if (exact || place == last) {
                return finish(stages, place, exact);
            }
            place -= 2;
        }
    }

    /** Whether the root has come out with the digit of that place. */
    private boolean isExact(int place) {
        return place <= 0 && left.signum() == 0 && pairs.isZeroBelow(place);
    }

    private RootStage stage(int place, RootStage before, int last) {
        String pair = pairs.at(place);
        BigInteger current = left.multiply(HUNDRED).add(new BigInteger(pair));
        BigInteger doubled = hand.doubled(root);
        if (before != null) {
            pen.step(StepKind.BRING_DOWN, paper.block(), place, talk.bringDown(pair, current));
            paper.bringDown(place, pair);
            pen.step(StepKind.DOUBLE, paper.block(), place, talk.doubled(root, before, doubled));
            paper.doubled(doubled, before);
        }
        int digit = hand.rootDigit(current, doubled);
        BigInteger divisor = hand.beside(doubled, digit);
        BigInteger product = hand.times(digit, divisor);
        BigInteger difference = hand.left(current, product);
        pen.step(StepKind.TRIAL, paper.block(), place, talk.trial(current, doubled, digit, before == null));
        boolean writes = hand.writesDigit(digit, before == null);
        paper.digit(place, digit, writes);
        pen.step(StepKind.MULTIPLY, paper.block(), place, talk.multiply(digit, divisor, product));
        paper.product(product, place);
        pen.figure(StepKind.SUBTRACT, paper.block(), place, talk.subtract(current, product, difference));
        root = writes ? root.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit)) : root;
        left = difference;
        paper.difference(difference, place, place == last || isExact(place));
        return new RootStage(pair, current.toString(), doubled.toString(), digit, divisor.toString(),
                product.toString(), difference.toString());
    }

    private Outcome finish(List<RootStage> stages, int place, boolean exact) {
        int decimals = place < 0 ? -place / 2 : 0;
        Numeral value = Numeral.of(pen.read(paper.block(), RootPaper.ROOT));
        Numeral rounded = exact ? value : rounded(place, decimals);
        pen.step(StepKind.REMAINDER, paper.block(), null, talk.end(problem.radicand(), value, rounded, exact));
        return new Outcome(new Answer(value.plain(), null, exact, rounded.plain(), pen.style().number(value)),
                new RootRecord(stages));
    }

    /** One more digit is looked at. */
    private Numeral rounded(int place, int decimals) {
        BigInteger current = left.multiply(HUNDRED).add(new BigInteger(pairs.at(place - 2)));
        boolean up = hand.rootDigit(current, hand.doubled(root)) >= 5;
        return Numeral.ofDigits((up ? root.add(BigInteger.ONE) : root).toString(), decimals);
    }
}
