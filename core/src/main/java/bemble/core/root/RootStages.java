package bemble.core.root;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Outcome;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.stack.Left;
import bemble.core.stack.Times;
import bemble.core.working.Anchor;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** The stages that both layouts of a square root have in common. Long by a few lines: a stage is one train of thought. */
final class RootStages {
    private static final BigInteger HUNDRED = BigInteger.valueOf(100);

    private final SquareRoot problem;
    private final Desk desk;
    private final boolean running;
    private final RootPaper paper;
    private final StringBuilder written = new StringBuilder();
    private final StringBuilder decimals = new StringBuilder();
    private BigInteger root = BigInteger.ZERO;
    private BigInteger left = BigInteger.ZERO;
    private BigInteger divisor = BigInteger.ZERO;
    private int digit;
    /** In a running column, the place of the last divisor's last digit; every new digit stands further right. */
    private int divisorEnd;
    private Line sideLine = RootPaper.RADICAND;
    /** Whether the last digit was a 0 for which nothing was taken away: the divisor goes on in the line where the 0 stands. */
    private boolean goesOn;
    /** How many squares further to the right the digit beside the doubled root stands, one for each such 0. */
    private int further;

    /** @param running whether the divisor runs down a column instead of being doubled anew */
    RootStages(SquareRoot problem, Desk desk, boolean running) {
        this.problem = problem;
        this.desk = desk;
        this.running = running;
        int pairsBefore = problem.radicand().highest() / 2 + 1;
        this.paper = RootPaper.setOut(problem, stagesToDraw(problem, pairsBefore), desk);
    }

    /** How many stages there will be: no more than the decimals asked for, and fewer where the root comes out. */
    private static int stagesToDraw(SquareRoot problem, int pairsBefore) {
        int decimals = 0;
        BigInteger[] parts;
        for (; decimals < problem.decimals(); decimals++) {
            parts = problem.radicand().padded(2 * decimals).wholeValue().sqrtAndRemainder();
            boolean allPairs = 2 * decimals >= problem.radicand().decimals();
            if (allPairs && parts[1].signum() == 0) {
                break;
            }
        }
        return pairsBefore + decimals;
    }

    Outcome write() {
        int from = desk.mark();
        int last = paper.pairs().last(problem.decimals());
        int place = paper.pairs().first();
        boolean first = true;
        while (true) {
            stage(place, first, last);
            first = false;
            boolean exact = isExact(place);
            if (exact || place <= last) {
                int to = desk.mark();
                return finish(place, exact, from, to);
            }
            place -= 2;
        }
    }

    /** Whether the root has come out with the digit of that place. */
    private boolean isExact(int place) {
        return place <= paper.pairs().shift() && left.signum() == 0 && paper.pairs().isZeroBelow(place);
    }

    private void stage(int place, boolean first, int last) {
        String pair = paper.pairs().at(place);
        BigInteger before = left;
        if (!first) {
            boolean isSetOut = paper.isSetOut(place);
            desk.step(StepKind.BRING_DOWN, paper.block(), place,
                    said -> RootWords.bringDown(said, problem.radicand(), place, isSetOut));
            pair = paper.bringDown(place);
            if (desk.style().setsRootPointWithPair()) {
                pointBefore(place);
            }
        }
        BigInteger current = desk.ask(new Current(place, before, pair));
        BigInteger doubled = doubled(place, first);
        desk.step(StepKind.TRIAL, paper.block(), place, first ? RootWords::first : RootWords::trial);
        if (!first && doubled.signum() > 0 && desk.style().jotsRootEstimates()) {
            paper.jotEstimate(RootWords.estimate(desk.style(), current, doubled));
        }
        if (!desk.style().setsRootPointWithPair()) {
            pointBefore(place);
        }
        Decision<Integer> found =
                desk.decide(new RootDigit(paper.block().at(RootPaper.ROOT, place), current, doubled, first));
        digit = found.decided();
        tries(doubled);
        int besidePlace = besidePlace();
        int beside = desk.ask(new Beside(paper.side().at(sideLine, besidePlace), place, digit, first));
        divisor = doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(beside));
        if (found.written()) {
            root = root.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
            (paper.pairs().isDecimal(place) ? decimals : written).append(digit);
        }
        // A 0 that is left out of the root leaves the doubled root as it was, which is then written anew.
        goesOn = digit == 0 && beside == 0 && found.written() && !first && !desk.style().writesZeroProducts();
        if (goesOn) {
            left = current;
            return;
        }
        int factor = digit;
        if (!running && !desk.style().leavesRootDivisorsBare()) {
            desk.sign(paper.side().at(sideLine, besidePlace - 1), Operation.MULTIPLICATION.sign());
            factor = desk.ask(new Factor(paper.side().at(sideLine, besidePlace - 2), place, digit));
        }
        BigInteger product = paper.descent().product(factor, divisor, place, RootWords::multiply);
        boolean ends = place <= last || current.equals(product) && place <= paper.pairs().shift()
                && paper.pairs().isZeroBelow(place);
        left = paper.descent().left(current, product, place, ends, RootWords::subtract);
    }

    /** The point of the root, where the digit of that place is the first one behind it. */
    private void pointBefore(int place) {
        if (paper.pairs().isDecimal(place) && !paper.pairs().isDecimal(place + 2)) {
            desk.point(paper.block(), RootPaper.ROOT, Role.WRITTEN);
        }
    }

    private int besidePlace() {
        return running ? divisorEnd : RootPaper.FACTOR_SQUARES - further;
    }

    private BigInteger doubled(int place, boolean first) {
        if (first) {
            if (desk.style().boxesFirstRootDigit()) {
                boxes(place);
            }
            return desk.ask(new Doubled(place, BigInteger.ZERO, 0, null, null, 0, null, 0));
        }
        if (goesOn) {
            BigInteger stands = divisor;
            desk.step(StepKind.DOUBLE, paper.block(), place, said -> RootWords.goesOn(said, stands));
            divisorEnd--;
            further++;
            boxes(place);
            return divisor;
        }
        further = 0;
        Line worked = paper.descent().current();
        sideLine = worked == null ? RootPaper.RADICAND : worked;
        paper.level();
        desk.step(StepKind.DOUBLE, paper.block(), place, RootWords::doubled);
        int lowest = running ? divisorEnd : RootPaper.DIGIT_AND_FACTOR;
        Doubled question =
                new Doubled(place, root, digit, paper.side(), sideLine, lowest, running ? divisor : null, digit);
        if (running) {
            Line above = paper.descent().productLine();
            desk.ask(new Factor(paper.side().at(above, divisorEnd), place, digit));
            BigInteger doubled = desk.ask(question);
            if (!desk.style().leavesRootDivisorsBare()) {
                int length = doubled.toString().length();
                desk.sign(paper.side().at(above, divisorEnd + length), Operation.ADDITION.sign());
                desk.rule(paper.side(), sideLine, divisorEnd + length, divisorEnd);
            }
            divisorEnd--;
            boxes(place);
            return doubled;
        }
        BigInteger doubled = desk.ask(question);
        if (desk.style().marksRootDoubling()) {
            Spot left = paper.side().at(sideLine, lowest + doubled.toString().length());
            desk.draw(MarkKind.LABEL, left, left, "×2", Role.JOT, Size.SMALL, Anchor.MIDDLE);
        }
        boxes(place);
        return doubled;
    }

    /** Boxes for the digit that is sought, for a while: beside the divisor and, where it is written again, behind it, else in the root. */
    private void boxes(int place) {
        box(besideSpot(besidePlace()));
        if (desk.style().leavesRootDivisorsBare()) {
            box(paper.block().at(RootPaper.ROOT, place));
        } else if (!running) {
            box(besideSpot(besidePlace() - 2));
        }
    }

    private Spot besideSpot(int place) {
        return paper.side().at(sideLine, place);
    }

    private void box(Spot at) {
        desk.drawForAWhile(MarkKind.BOX, at, null, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
    }

    /** The tries round the digit taken: one less, itself, one more. */
    private void tries(BigInteger doubled) {
        if (digit > 0) {
            desk.ask(new Tried(doubled, digit - 1));
        }
        desk.ask(new Tried(doubled, digit));
        desk.ask(new Tried(doubled, digit + 1));
    }

    private Outcome finish(int place, boolean exact, int from, int to) {
        String whole = written.length() == 0 ? "0" : written.toString();
        Numeral value = Numeral.of(decimals.length() == 0 ? whole : whole + "." + decimals);
        desk.step(StepKind.REMAINDER, paper.block(), null,
                said -> RootWords.end(said, problem.radicand(), value, exact));
        Numeral rounded = exact ? value : rounded(place, value);
        return new Outcome(new Answer(value.plain(), null, exact, rounded.plain(), desk.style().number(value)),
                () -> record(desk.decisions(from, to)));
    }

    /** One more digit is looked at. */
    private Numeral rounded(int place, Numeral value) {
        BigInteger current = left.multiply(HUNDRED).add(new BigInteger(paper.pairs().at(place - 2)));
        boolean up = desk.ask(new Rounding(current, root.shiftLeft(1)));
        return Numeral.ofDigits((up ? root.add(BigInteger.ONE) : root).toString(), value.decimals());
    }

    private static RootRecord record(List<Decision<?>> decisions) {
        List<RootStage> stages = new ArrayList<>();
        String pair = "";
        boolean open = false;
        BigInteger now = BigInteger.ZERO;
        BigInteger doubled = BigInteger.ZERO;
        int digit = 0;
        BigInteger divisor = BigInteger.ZERO;
        BigInteger product = BigInteger.ZERO;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof Current asked) {
                if (open) {
                    doubled = addWithNothingTaken(stages, pair, now, doubled, digit);
                }
                open = true;
                pair = asked.pair();
                now = (BigInteger) decision.decided();
            } else if (decision.asked() instanceof Doubled) {
                doubled = (BigInteger) decision.decided();
            } else if (decision.asked() instanceof RootDigit) {
                digit = (Integer) decision.decided();
            } else if (decision.asked() instanceof Times asked) {
                divisor = asked.divisor();
                product = (BigInteger) decision.decided();
            } else if (decision.asked() instanceof Left) {
                open = false;
                stages.add(new RootStage(pair, now.toString(), doubled.toString(), digit,
                        divisor.toString(), product.toString(), decision.decided().toString()));
            }
        }
        if (open) {
            addWithNothingTaken(stages, pair, now, doubled, digit);
        }
        return new RootRecord(stages);
    }

    /** A stage with the digit 0 for which no row was written; its divisor is what the next stage begins with. */
    private static BigInteger addWithNothingTaken(List<RootStage> stages, String pair, BigInteger now,
            BigInteger doubled, int digit) {
        BigInteger divisor = doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
        stages.add(new RootStage(pair, now.toString(), doubled.toString(), digit, divisor.toString(), "0",
                now.toString()));
        return divisor;
    }
}
