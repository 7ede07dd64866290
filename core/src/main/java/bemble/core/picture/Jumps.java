package bemble.core.picture;

import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** A sum or a difference as jumps along a line, a jump a column: to scale for small numbers, one by one for the smallest. */
final class Jumps {
    private static final int MOST_DIGITS = 8;
    private static final int TO_SCALE = 100;
    private static final int ONE_BY_ONE = 20;
    private static final double LEFT = 4;
    private static final double SCALE = 84;
    private static final double JUMP = 13;
    private static final double LINE = 9;
    private static final double LETTER = 2.8;
    /** Stops that are nearer to each other than this would be written into each other. */
    private static final double NEAR = 5;

    private final Numeral start;
    private final List<BigInteger> sizes = new ArrayList<>();
    private final boolean forward;
    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.NUMBER_LINE);
    private final int furthest;

    Jumps(Problem problem, HouseStyle style) {
        this.start = problem.operands().get(0);
        this.forward = problem.operation() == Operation.ADDITION;
        this.style = style;
        int places = problem.operands().stream().mapToInt(Numeral::length).max().orElseThrow();
        BigInteger all = BigInteger.ZERO;
        for (int place = 0; place < places; place++) {
            int each = place;
            int digits = problem.operands().stream().skip(1).mapToInt(number -> number.digit(each)).sum();
            sizes.add(BigInteger.TEN.pow(place).multiply(BigInteger.valueOf(digits)));
            all = all.add(sizes.get(place));
        }
        BigInteger end = forward ? start.wholeValue().add(all) : start.wholeValue();
        furthest = end.bitLength() < 31 ? Math.max(1, end.intValue()) : Integer.MAX_VALUE;
    }

    Picture draw(Working working) {
        if (sizes.size() > MOST_DIGITS) {
            return Picture.none(PictureKind.NUMBER_LINE, "Too many jumps for one line: it is drawn for up to "
                    + MOST_DIGITS + " digits.");
        }
        Moments moments = new Moments(working);
        for (Step step : moments.steps()) {
            frame(step, moments.columnsDone(step, sizes.size()));
        }
        return easel.picture();
    }

    private void frame(Step step, int done) {
        long jumps = sizes.stream().filter(size -> size.signum() > 0).count();
        double length = isToScale() ? SCALE : Math.max(1, jumps) * JUMP + start.length() * LETTER * 0.3;
        easel.line(1, LINE, LEFT + length + 1, 0);
        if (isToScale()) {
            ruler();
        } else {
            easel.text("note", length / 2 + 3, LINE + 7, LETTER * 0.7, "not to scale", Tone.FAINT);
        }
        BigInteger at = start.wholeValue();
        double x = isToScale() ? x(at) : forward ? LEFT : LEFT + length;
        stop(0, x, false, at, Tone.PLAIN);
        List<String> said = new ArrayList<>();
        boolean low = false;
        for (int place = 0; place < done; place++) {
            BigInteger size = sizes.get(place);
            if (size.signum() == 0) {
                continue;
            }
            Tone tone = place == done - 1 ? Tone.FRESH : Tone.PLAIN;
            BigInteger to = forward ? at.add(size) : at.subtract(size);
            double next = isToScale() ? x(to) : forward ? x + JUMP : x - JUMP;
            hops(place, at, to, x, next, tone);
            easel.text("size " + place, (x + next) / 2, LINE - 4.8, LETTER, (forward ? "+" : "−") + text(size), tone);
            low = Math.abs(next - x) < NEAR && !low;
            stop(said.size() + 1, next, low, to, tone);
            said.add((forward ? "on " : "back ") + text(size) + " to " + text(to));
            at = to;
            x = next;
        }
        easel.frame(step.n(), "A number line. From " + text(start.wholeValue())
                + (said.isEmpty() ? "" : " " + String.join(", ", said)) + ".");
    }

    private boolean isToScale() {
        return furthest <= TO_SCALE;
    }

    private double x(BigInteger value) {
        return LEFT + value.doubleValue() * SCALE / furthest;
    }

    /** A mark for every one, a longer one for every ten. */
    private void ruler() {
        easel.text("zero", x(BigInteger.ZERO), LINE + 3.4, LETTER, "0", Tone.FAINT);
        for (int one = 0; one <= furthest; one++) {
            double half = one % 10 == 0 ? 1 : 0.4;
            easel.line(x(BigInteger.valueOf(one)), LINE - half, 0, 2 * half);
        }
    }

    /** One jump, or so many hops of one where the numbers are small enough to be counted. */
    private void hops(int place, BigInteger at, BigInteger to, double x, double next, Tone tone) {
        if (furthest > ONE_BY_ONE) {
            easel.jump("jump " + place, x, next, LINE - 4, 4, tone);
            return;
        }
        int hops = to.subtract(at).abs().intValue();
        for (int i = 0; i < hops; i++) {
            double from = x + (next - x) * i / hops;
            easel.jump("jump " + place + " " + i, from, x + (next - x) * (i + 1) / hops, LINE - 3, 3, tone);
        }
    }

    private void stop(int number, double x, boolean low, BigInteger value, Tone tone) {
        easel.line(x, LINE - 0.8, 0, 1.6);
        easel.text("stop " + number, x, LINE + (low ? 6.4 : 3.4), LETTER, text(value), tone);
    }

    private String text(BigInteger value) {
        return style.number(Numeral.of(value));
    }
}
