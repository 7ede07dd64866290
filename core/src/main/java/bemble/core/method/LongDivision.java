package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.record.Answer;
import bemble.core.record.DivisionRecord;
import bemble.core.record.DivisionStage;
import bemble.core.say.DivisionTalk;
import bemble.core.style.Way;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Divides, multiplies, subtracts and brings down, from the highest place to the ones. */
final class LongDivision implements Method<Division> {
    @Override
    public Way way() {
        return Way.LONG_DIVISION;
    }

    @Override
    public Outcome write(Division division, Hand hand, Pen pen) {
        Numeral dividend = division.dividend();
        BigInteger divisor = division.divisor().wholeValue();
        DivisionTalk talk = new DivisionTalk(pen.style(), division);
        Block block = pen.block("quotient", pen.start());
        Descent descent = new Descent(block, pen);
        DivisionPaper paper = new DivisionPaper(block, pen);
        paper.setOut(division, talk);
        List<DivisionStage> stages = new ArrayList<>();
        int place = firstPlace(dividend, divisor);
        BigInteger partial = leading(dividend, place);
        while (true) {
            int digit = hand.quotientDigit(partial, divisor, place == 0);
            pen.step(StepKind.DIVIDE, block, place, talk.divide(place, partial, digit));
            if (hand.writesDigit(digit, stages.isEmpty())) {
                pen.digit(block.at(DivisionPaper.QUOTIENT, place), digit, Role.WRITTEN);
            }
            BigInteger product = hand.times(digit, divisor);
            BigInteger difference = hand.left(partial, product);
            if (digit > 0 || pen.style().writesZeroProducts()) {
                pen.step(StepKind.MULTIPLY, block, place, talk.multiply(place, digit, product));
                descent.product(product, place);
                pen.figure(StepKind.SUBTRACT, block, place, talk.subtract(place, partial, product, difference));
                descent.difference(difference, place, place == 0);
            }
            stages.add(new DivisionStage(place, partial.toString(), digit, product.toString(), difference.toString()));
            if (place == 0) {
                return finish(hand, stages, difference, paper, talk, pen);
            }
            place--;
            partial = difference.multiply(BigInteger.TEN).add(BigInteger.valueOf(dividend.digit(place)));
            pen.step(StepKind.BRING_DOWN, block, place,
                    talk.bringDown(place, difference, dividend.digit(place), partial));
            descent.bringDown(DivisionPaper.DIVIDEND, place, dividend.digit(place));
        }
    }

    private static Outcome finish(Hand hand, List<DivisionStage> stages, BigInteger remainder,
            DivisionPaper paper, DivisionTalk talk, Pen pen) {
        Numeral quotient = Numeral.of(pen.read(paper.block(), DivisionPaper.QUOTIENT));
        Numeral rest = Numeral.of(remainder);
        String text = pen.style().number(quotient);
        pen.step(StepKind.REMAINDER, paper.block(), null, talk.end(quotient, rest));
        boolean writes = rest.isZero() || hand.writesRemainder();
        if (!rest.isZero() && writes) {
            String mark = pen.style().remainderMark().sign();
            text += " " + mark + " " + pen.style().number(rest);
            paper.remainder(mark, rest);
        }
        Answer answer = new Answer(quotient.plain(), writes ? rest.plain() : null, null, null, text);
        return new Outcome(answer, new DivisionRecord(stages));
    }

    /** The place of the first quotient digit: of the shortest leading part that the divisor goes into. */
    private static int firstPlace(Numeral dividend, BigInteger divisor) {
        int place = dividend.highest();
        while (place > 0 && leading(dividend, place).compareTo(divisor) < 0) {
            place--;
        }
        return place;
    }

    /** The digits of a number down to a place, as a number of their own. */
    private static BigInteger leading(Numeral number, int place) {
        return new BigInteger(number.digits().substring(0, number.highest() - place + 1));
    }

    /** The bracket with its divisor, and the remainder beside the quotient. */
    private record DivisionPaper(Block block, Pen pen) {
        static final String QUOTIENT = "quotient";
        static final String DIVIDEND = "dividend";
        private static final int MULTIPLE_SQUARES = 6;

        void setOut(Division division, DivisionTalk talk) {
            block.line(QUOTIENT).line(DIVIDEND);
            Block side = pen.block("divisor", Placement.leftOf(block, DIVIDEND, 0)).line("divisor");
            pen.step(StepKind.SET_OUT, block, null, talk.setOut());
            pen.digits(block, DIVIDEND, new Placed(division.dividend(), 0), Role.GIVEN);
            pen.digits(side, "divisor", new Placed(division.divisor(), 0), Role.GIVEN);
            pen.mark(MarkKind.BRACKET, side.at("divisor", 0), null, "", Role.FRAME,
                    Size.FULL, Anchor.AFTER);
            pen.rule(block, DIVIDEND, division.dividend().highest(), 0);
            if (pen.style().listsMultiples()) {
                multiples(division);
            }
        }

        private void multiples(Division division) {
            Block list = pen.block("multiples", Placement.rightOf(block, DIVIDEND, 1));
            int squares = MULTIPLE_SQUARES + division.divisor().length();
            for (int n = 1; n <= 9; n++) {
                String line = "times-" + n;
                list.line(line);
                pen.mark(MarkKind.LABEL, list.at(line, squares - 1), list.at(line, 0),
                        n + " × " + pen.style().number(division.divisor()) + " = " + pen.style().number(Numeral.of(
                                division.divisor().wholeValue().multiply(BigInteger.valueOf(n)))),
                        Role.FRAME, Size.SMALL, Anchor.MIDDLE);
            }
        }

        void remainder(String mark, Numeral remainder) {
            Block beside = pen.block("remainder", Placement.rightOf(block, QUOTIENT, 0)).line("remainder");
            pen.sign(beside.at("remainder", remainder.highest() + 1), mark);
            pen.digits(beside, "remainder", new Placed(remainder, 0), Role.WRITTEN);
        }
    }
}
