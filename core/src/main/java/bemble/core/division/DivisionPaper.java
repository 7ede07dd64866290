package bemble.core.division;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.LineUp;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.List;

/** The bracket with its divisor, the quotient above, and the remainder beside it. */
final class DivisionPaper {
    static final String QUOTIENT = "quotient";
    static final String DIVIDEND = "dividend";
    private static final String DIVISOR = "divisor";
    private static final int MULTIPLE_SQUARES = 6;

    private final Block block;
    private final Desk desk;
    private final StringBuilder quotient = new StringBuilder();

    private DivisionPaper(Block block, Desk desk) {
        this.block = block;
        this.desk = desk;
    }

    /** @param quotientAbove whether the quotient is written digit by digit over the dividend */
    static DivisionPaper setOut(Division division, boolean quotientAbove, Desk desk) {
        Block block = desk.block(QUOTIENT, desk.start());
        if (quotientAbove) {
            block.line(QUOTIENT);
        }
        block.line(DIVIDEND);
        Block side = desk.block(DIVISOR, Placement.leftOf(block, DIVIDEND, 0)).line(DIVISOR);
        desk.step(StepKind.SET_OUT, block, null, said -> DivisionWords.setOut(said, division));
        desk.ask(new LineUp(block, List.of(DIVIDEND), List.of(division.dividend()), false, false, '.'));
        desk.ask(new LineUp(side, List.of(DIVISOR), List.of(division.divisor()), false, false, '.'));
        DivisionPaper paper = new DivisionPaper(block, desk);
        if (desk.draws()) {
            desk.draw(MarkKind.BRACKET, side.at(DIVISOR, 0), null, "", Role.FRAME, Size.FULL, Anchor.AFTER);
            desk.rule(block, DIVIDEND, division.dividend().highest(), 0);
        }
        if (desk.style().listsMultiples() && quotientAbove) {
            paper.multiples(division);
        }
        if (quotientAbove) {
            desk.answerStandsIn(block, QUOTIENT);
        }
        return paper;
    }

    private void multiples(Division division) {
        Block list = desk.block("multiples", Placement.rightOf(block, DIVIDEND, 1));
        int squares = MULTIPLE_SQUARES + division.divisor().length();
        for (int n = 1; n <= 9; n++) {
            String line = "times-" + n;
            list.line(line);
            BigInteger multiple = desk.ask(new TooBig(n, division.divisor().wholeValue()));
            desk.draw(MarkKind.LABEL, list.at(line, squares - 1), list.at(line, 0),
                    n + " × " + desk.style().number(division.divisor()) + " = " + desk.style().number(Numeral.of(multiple)),
                    Role.FRAME, Size.SMALL, Anchor.MIDDLE);
        }
    }

    Block block() {
        return block;
    }

    /** Asks how many times the divisor goes, writes it, and shows by a try that one more would be too big. */
    int goes(int place, BigInteger partial, BigInteger divisor, int next, boolean first) {
        desk.step(StepKind.DIVIDE, block, place, DivisionWords::divide);
        Decision<Integer> digit = desk.decide(new Goes(block.at(QUOTIENT, place), partial, divisor, next, first));
        if (digit.written()) {
            quotient.append(digit.decided());
        }
        desk.ask(new TooBig(digit.decided() + 1, divisor));
        return digit.decided();
    }

    /** The answer with what is left over, written beside the quotient. */
    Answer finish(Division division, BigInteger left) {
        Numeral value = quotient.length() == 0 ? Numeral.ZERO : Numeral.of(quotient.toString());
        return finish(division, value, left, block, QUOTIENT, desk);
    }

    /**
     * Writes what is left over beside a quotient.
     *
     * @param line the line of {@code where} in which the quotient stands
     */
    static Answer finish(Division division, Numeral quotient, BigInteger left, Block where, String line, Desk desk) {
        desk.step(StepKind.REMAINDER, where, null, said -> DivisionWords.end(said, division, quotient));
        Block beside = desk.block("remainder", Placement.rightOf(where, line, 0)).line(Remainder.LINE);
        Decision<BigInteger> rest = desk.decide(new Remainder(beside, left));
        String text = desk.style().number(quotient);
        boolean forgotten = left.signum() > 0 && !rest.written();
        Numeral remainder = Numeral.of(rest.decided());
        if (rest.written()) {
            String mark = desk.style().remainderMark().sign();
            desk.sign(beside.at(Remainder.LINE, remainder.highest() + 1), mark);
            text += " " + mark + " " + desk.style().number(remainder);
        }
        return new Answer(quotient.plain(), forgotten ? null : remainder.plain(), null, null, text);
    }
}
