package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.record.Answer;
import bemble.core.record.CountingUpRecord;
import bemble.core.record.Jump;
import bemble.core.say.CountingUpTalk;
import bemble.core.style.Way;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** Jumps along a number line from the subtrahend to the minuend, and adds the jumps. */
final class CountingUp implements Method<Subtraction> {
    private static final String SIZES = "sizes";
    private static final String ARCS = "arcs";
    private static final String TICKS = "ticks";

    @Override
    public Way way() {
        return Way.COUNTING_UP;
    }

    @Override
    public Outcome write(Subtraction subtraction, Hand hand, Pen pen) {
        CountingUpTalk talk = new CountingUpTalk(pen.style());
        int decimals = Math.max(subtraction.minuend().decimals(), subtraction.subtrahend().decimals());
        Block line = pen.block("line", pen.start()).line(SIZES).line(ARCS).line(TICKS);
        Block sizes = pen.block("jumps", Placement.under(line, 1).shifted(subtraction.minuend().length()));
        SumFrame frame = new SumFrame(sizes, pen);
        NumberLine numberLine = new NumberLine(line, subtraction.minuend(), pen);
        pen.step(StepKind.SET_OUT, line, null, talk.setOut(subtraction.subtrahend(), subtraction.minuend()));
        List<BigDecimal> stops = stops(subtraction.subtrahend().value(), subtraction.minuend().value(), decimals,
                subtraction.minuend().highest());
        numberLine.draw(subtraction.subtrahend(), stops.size());
        List<Jump> jumps = new ArrayList<>();
        List<Placed> stack = new ArrayList<>();
        frame.above();
        BigDecimal from = subtraction.subtrahend().value();
        for (BigDecimal to : stops) {
            Numeral size = numeral(to.subtract(from), decimals);
            Jump jump = new Jump(numeral(from, decimals).plain(), numeral(to, decimals).plain(), size.plain());
            jumps.add(jump);
            stack.add(new Placed(size, 0));
            String row = Lines.addend(jumps.size());
            sizes.line(row);
            pen.step(StepKind.JUMP, line, null, talk.jump(jump));
            numberLine.jump(jumps.size(), jump);
            pen.digits(sizes, row, stack.get(stack.size() - 1), Role.WRITTEN);
            if (decimals > 0) {
                pen.point(sizes, row, Role.WRITTEN);
            }
            from = to;
        }
        Numeral answer = addUp(stack, decimals, frame, talk, hand, pen);
        return new Outcome(Answer.of(answer, pen.style()), new CountingUpRecord(jumps));
    }

    private static Numeral addUp(List<Placed> sizes, int decimals, SumFrame frame, CountingUpTalk talk, Hand hand, Pen pen) {
        Numeral nothing = numeral(BigDecimal.ZERO, decimals);
        if (sizes.size() < 2) {
            Numeral answer = sizes.isEmpty() ? nothing : sizes.get(0).number();
            if (sizes.isEmpty()) {
                frame.below();
                pen.step(StepKind.JUMP, frame.block(), null, talk.noJump());
                pen.digits(frame.block(), Lines.ANSWER, new Placed(nothing, 0), Role.WRITTEN);
                if (decimals > 0) {
                    pen.point(frame.block(), Lines.ANSWER, Role.WRITTEN);
                }
            }
            return answer;
        }
        frame.addUp(new Stack(sizes), Lines.addend(sizes.size()), talk.addUp(), hand);
        return frame.sum();
    }

    /** By way of the next ten, hundred and so on, as far as they are not beyond, and then down the places. */
    private static List<BigDecimal> stops(BigDecimal from, BigDecimal to, int decimals, int highest) {
        List<BigDecimal> stops = new ArrayList<>();
        BigDecimal at = from;
        int place = -decimals + 1;
        for (; place <= highest + 1; place++) {
            BigDecimal round = inUnits(at, place, RoundingMode.CEILING);
            if (round.compareTo(to) > 0) {
                break;
            }
            at = stop(stops, at, round);
        }
        for (place = place - 1; place >= -decimals; place--) {
            at = stop(stops, at, inUnits(to, place, RoundingMode.FLOOR));
        }
        return stops;
    }

    private static BigDecimal stop(List<BigDecimal> stops, BigDecimal at, BigDecimal next) {
        if (next.compareTo(at) > 0) {
            stops.add(next);
            return next;
        }
        return at;
    }

    private static BigDecimal inUnits(BigDecimal value, int place, RoundingMode rounding) {
        return value.scaleByPowerOfTen(-place).setScale(0, rounding).scaleByPowerOfTen(place);
    }

    private static Numeral numeral(BigDecimal value, int decimals) {
        return Numeral.of(value.setScale(decimals).toPlainString());
    }

    /** A number line with a tick for every stop, in slots wide enough for its labels. */
    private record NumberLine(Block line, int slot, Pen pen) {
        private static final double SQUARES_PER_LETTER = 0.3;

        NumberLine(Block line, Numeral longest, Pen pen) {
            this(line, 2 + (int) Math.ceil(pen.style().number(longest).length() * SQUARES_PER_LETTER), pen);
        }

        void draw(Numeral start, int jumps) {
            pen.rule(line, TICKS, 0, -Math.max(1, jumps) * slot - 1);
            label(0, pen.style().number(start), Role.GIVEN);
        }

        void jump(int number, Jump jump) {
            pen.mark(MarkKind.ARC, line.at(ARCS, -(number - 1) * slot), line.at(ARCS, -number * slot), "",
                    Role.EXCHANGE, Size.FULL, Anchor.LOW);
            Spot middle = line.at(SIZES, -(number - 1) * slot - slot / 2);
            pen.number(middle, middle, "+" + pen.style().number(Numeral.of(jump.size())), Role.WRITTEN, Size.SMALL);
            label(number, pen.style().number(Numeral.of(jump.to())), Role.WRITTEN);
        }

        private void label(int tick, String text, Role role) {
            Spot spot = line.at(TICKS, -tick * slot);
            pen.number(spot, spot, text, role, Size.SMALL);
        }
    }
}
