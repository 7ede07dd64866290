package bemble.core.division.digits;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
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
import java.math.BigInteger;
import java.util.List;
import java.util.OptionalInt;

/** The bracket with its divisor, the quotient above, and the remainder beside it. */
public final class DivisionPaper {
    static final Line QUOTIENT = Line.of(Line.Kind.QUOTIENT);
    public static final Line DIVIDEND = Line.of(Line.Kind.DIVIDEND);
    public static final Line DIVISOR = Line.of(Line.Kind.DIVISOR);
    private static final int MULTIPLE_SQUARES = 6;
    private static final int ROOM_FOR_TOTALS = 2;

    private final Block block;
    private final Desk desk;
    private final Division division;
    private final StringBuilder quotient = new StringBuilder();
    private int zerosInside;

    private DivisionPaper(Block block, Desk desk, Division division) {
        this.block = block;
        this.desk = desk;
        this.division = division;
    }

    /** @param quotientAbove whether the quotient is written digit by digit over the dividend */
    public static DivisionPaper setOut(Division division, boolean quotientAbove, Desk desk) {
        Block block = desk.block(BlockName.Kind.QUOTIENT, desk.start());
        if (quotientAbove) {
            block.line(QUOTIENT);
        }
        block.line(DIVIDEND);
        Block side = desk.block(BlockName.Kind.DIVISOR, Placement.leftOf(block, DIVIDEND, 0)).line(DIVISOR);
        desk.step(StepKind.SET_OUT, block, null, said -> DivisionWords.setOut(said, division, quotientAbove));
        Numeral dividend = setOut(DIVIDEND, division.dividend(), block, desk);
        Numeral divisor = setOut(DIVISOR, division.divisor(), side, desk);
        DivisionPaper paper = new DivisionPaper(block, desk, new Division(dividend, divisor));
        if (desk.draws()) {
            desk.draw(MarkKind.BRACKET, side.at(DIVISOR, 0), null, "", Role.FRAME, Size.FULL, Anchor.AFTER);
            desk.rule(block, DIVIDEND, dividend.highest(), 0);
        }
        if (desk.style().listsMultiples() && quotientAbove) {
            paper.multiples();
        }
        if (quotientAbove) {
            desk.answerStandsIn(block, QUOTIENT);
        }
        return paper;
    }

    private void multiples() {
        Block list = desk.block(BlockName.Kind.MULTIPLES, Placement.rightOf(block, DIVIDEND, 1));
        int squares = MULTIPLE_SQUARES + division.divisor().length();
        for (int n = 1; n <= 9; n++) {
            Line line = Line.of(Line.Kind.TIMES, n);
            list.line(line);
            BigInteger multiple = desk.ask(new TooBig(n, division.divisor().wholeValue()));
            desk.draw(MarkKind.LABEL, list.at(line, squares - 1), list.at(line, 0),
                    n + " × " + desk.style().number(division.divisor()) + " = "
                            + desk.style().number(Numeral.of(multiple)),
                    Role.FRAME, Size.SMALL, Anchor.MIDDLE);
        }
    }

    private static Numeral setOut(Line line, Numeral number, Block block, Desk desk) {
        return desk.ask(new LineUp(block, List.of(line), List.of(number), false, '.')).get(0).number();
    }

    /** The dividend as it was set out. */
    public Numeral dividend() {
        return division.dividend();
    }

    /** The divisor as it was set out. */
    public BigInteger divisor() {
        return division.divisor().wholeValue();
    }

    public Block block() {
        return block;
    }

    /** Asks how many times the divisor goes, writes it, and shows by a try that one more would be too big. */
    int goes(int place, BigInteger partial, BigInteger divisor, int next, boolean first) {
        if (desk.style().decidesAloud()) {
            desk.step(StepKind.DECIDE, block, place, DivisionWords::enough);
            desk.ask(new IsEnough(place, partial, divisor, first));
        }
        desk.step(StepKind.DIVIDE, block, place, DivisionWords::divide);
        OptionalInt instead = desk.ask(new WrittenInstead(place));
        Decision<Integer> digit =
                desk.decide(new Goes(block.at(QUOTIENT, place), partial, divisor, next, first, instead));
        if (digit.written()) {
            quotient.append(instead.orElse(digit.decided()));
        }
        desk.ask(new TooBig(digit.decided() + 1, divisor));
        zerosInside += !first && place > 0 && digit.decided() == 0 ? 1 : 0;
        int zeros = desk.ask(new ZerosBehind(block.at(QUOTIENT, place), first, place == 0, zerosInside));
        quotient.append("0".repeat(zeros));
        return digit.decided();
    }

    /** The quotient was written from the ones on. */
    void turnRound() {
        quotient.reverse();
    }

    /** The answer with what is left over, written beside the quotient. */
    public Answer finish(BigInteger left) {
        Numeral value = quotient.length() == 0 ? Numeral.ZERO : Numeral.of(quotient.toString());
        return finish(value, left, block, QUOTIENT);
    }

    /**
     * Writes what is left over beside a quotient.
     *
     * @param line the line of {@code where} in which the quotient stands
     */
    public Answer finish(Numeral quotient, BigInteger left, Block where, Line line) {
        desk.step(StepKind.REMAINDER, where, null,
                said -> DivisionWords.end(said, division, quotient, line.equals(QUOTIENT)));
        // Totals jotted beside a sum of chunks stand there first.
        int gap = !desk.style().jotsTotals() || line.equals(QUOTIENT) ? 0
                : desk.style().jotsRunningTotals() ? ROOM_FOR_TOTALS + where.lines().size() : ROOM_FOR_TOTALS;
        Block beside = desk.block(BlockName.Kind.REMAINDER, Placement.rightOf(where, line, gap)).line(Remainder.LINE);
        RemainderGoes.Where goes = desk.ask(new RemainderGoes());
        boolean beyond = goes != RemainderGoes.Where.BESIDE;
        Decision<BigInteger> rest = desk.decide(beyond
                ? new Remainder(where, line, -left.toString().length(), left, divisor())
                : new Remainder(beside, Remainder.LINE, 0, left, divisor()));
        boolean forgotten = left.signum() > 0 && !rest.written();
        Numeral remainder = Numeral.of(rest.decided());
        if (!rest.written()) {
            return new Answer(quotient.plain(), forgotten ? null : remainder.plain(), null, null,
                    desk.style().number(quotient));
        }
        if (beyond) {
            return behind(quotient, remainder, goes == RemainderGoes.Where.BEHIND_A_POINT, where, line);
        }
        String mark = desk.style().remainderMark().sign();
        desk.sign(beside.at(Remainder.LINE, remainder.highest() + 1), mark);
        return new Answer(quotient.plain(), remainder.plain(), null, null,
                desk.style().number(quotient) + " " + mark + " " + desk.style().number(remainder));
    }

    private Answer behind(Numeral quotient, Numeral remainder, boolean point, Block where, Line line) {
        if (point) {
            desk.point(where, line, Role.WRITTEN);
        }
        Numeral together = Numeral.ofDigits(quotient.digits() + remainder.digits(), point ? remainder.length() : 0);
        return Answer.of(together, desk.style());
    }
}
