package bemble.core.picture;

import bemble.core.hand.WorkRecord;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * A sum or a difference as jumps along a line, a jump a column: to scale for small numbers, one by one for the smallest. A hand that
 * slips jumps where its figures take it.
 */
final class Jumps {
    private static final int MOST_DIGITS = 8;
    private static final int TO_SCALE = 100;
    private static final int ONE_BY_ONE = 20;
    private static final int TEN = 10;
    private static final double LEFT = 4;
    private static final double SCALE = 84;
    private static final double JUMP = 13;
    private static final double LINE = 9;
    private static final double LETTER = 2.8;
    /** Where along a jump its size may stand, the best place first. */
    private static final double[] ALONG = {0.5, 0.25, 0.75, 0.12, 0.88};
    /** Stops that are nearer to each other than this would be written into each other. */
    private static final double NEAR = 5;

    private final Numeral start;
    private final boolean forward;
    private final List<BigInteger> stops;
    /** The start and the stops from left to right. */
    private final List<BigInteger> inOrder;
    /** How far each jump goes that takes the whole column. */
    private final List<BigInteger> whole = new ArrayList<>();
    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.NUMBER_LINE);
    private final int furthest;

    /**
     * A line for what was worked in columns.
     *
     * @param numbers as the hand set them out, the minuend first
     * @param answer where the last jump ends
     */
    Jumps(List<Numeral> numbers, WorkRecord record, BigInteger answer, HouseStyle style) {
        this.start = numbers.get(0);
        this.forward = record instanceof ColumnRecord;
        this.style = style;
        this.stops = Stops.of(start, record, answer);
        this.inOrder = Stream.concat(Stream.of(start.wholeValue()), stops.stream()).distinct().sorted().toList();
        BigInteger end = start.wholeValue();
        BigInteger at = end;
        for (int place = 0; place < stops.size(); place++) {
            int each = place;
            int digits = numbers.stream().skip(1).mapToInt(number -> number.digit(each)).sum();
            whole.add(Stops.worth(forward ? digits : -digits, place));
            end = end.max(at.add(whole.get(place))).max(stops.get(place));
            at = stops.get(place);
        }
        furthest = end.bitLength() < 31 ? Math.max(1, end.intValue()) : Integer.MAX_VALUE;
    }

    Picture draw(Working working) {
        if (stops.size() > MOST_DIGITS) {
            return Picture.none(PictureKind.NUMBER_LINE, "Too many jumps for one line: it is drawn for up to "
                    + MOST_DIGITS + " digits.");
        }
        Moments moments = new Moments(working);
        for (Step step : moments.steps()) {
            frame(step, moments.columnsDone(step, stops.size()));
        }
        return easel.picture();
    }

    private BigInteger before(int place) {
        return place == 0 ? start.wholeValue() : stops.get(place - 1);
    }

    private BigInteger size(int place) {
        return stops.get(place).subtract(before(place));
    }

    private void frame(Step step, int done) {
        begin();
        double x = x(start.wholeValue());
        stop(0, x, false, start.wholeValue(), Tone.PLAIN);
        Set<BigInteger> marked = new HashSet<>(Set.of(start.wholeValue()));
        List<String> said = new ArrayList<>();
        Map<Double, String> labels = new HashMap<>();
        boolean low = false;
        for (int place = 0; place < done; place++) {
            BigInteger size = size(place);
            boolean isWhole = size.equals(whole.get(place));
            if (!isWhole) {
                missed(place, x);
            }
            if (size.signum() == 0 && isWhole) {
                continue;
            }
            Tone tone = place == done - 1 ? Tone.FRESH : Tone.PLAIN;
            BigInteger to = stops.get(place);
            if (size.signum() != 0) {
                double next = x(to);
                hops(place, before(place), to, x, next, tone);
                String label = (size.signum() > 0 ? "+" : "−") + text(size.abs());
                easel.text("size " + place, free(x, next, label, labels), LINE - 4.8, LETTER, label, tone);
                low = Math.abs(next - x) < NEAR && !low;
                if (marked.add(to)) {
                    stop(place + 1, next, low, to, tone);
                }
                x = next;
            }
            said.add(words(size, to) + (isWhole ? "" : " where " + text(whole.get(place).abs())
                    + (forward ? " were to be added" : " were to be taken away")));
        }
        easel.frame(step.n(), "A number line. From " + text(start.wholeValue())
                + (said.isEmpty() ? "" : " " + String.join(", ", said)) + ".");
    }

    /** Where the size of a jump stands: in its middle, or beside that where another jump’s stands there already. */
    private static double free(double from, double to, String label, Map<Double, String> labels) {
        double at = DoubleStream.of(ALONG).map(along -> from + (to - from) * along)
                .filter(here -> labels.entrySet().stream()
                        .allMatch(other -> Math.abs(here - other.getKey()) > LETTER * 0.3
                                * (label.length() + other.getValue().length())))
                .findFirst().orElse((from + to) / 2);
        labels.put(at, label);
        return at;
    }

    private String words(BigInteger size, BigInteger to) {
        return size.signum() == 0 ? "no jump"
                : (size.signum() > 0 ? "on " : "back ") + text(size.abs()) + " to " + text(to);
    }

    private void begin() {
        if (isToScale()) {
            easel.line(1, LINE, LEFT + SCALE + 1, 0);
            ruler();
            return;
        }
        double length = Math.max(1, inOrder.size() - 1) * JUMP + start.length() * LETTER * 0.3;
        easel.line(1, LINE, LEFT + length + 1, 0);
        easel.text("note", length / 2 + 3, LINE + 7, LETTER * 0.7, "not to scale", Tone.FAINT);
    }

    /** The jump that a hand did not make as long as its column, to be seen beside the one that it made. */
    private void missed(int place, double x) {
        BigInteger to = before(place).add(whole.get(place));
        if (isToScale() && to.signum() >= 0 && !to.equals(before(place))) {
            easel.jump("missed " + place, x, x(to), LINE - 2.5, 2.5, Tone.FAINT);
        }
    }

    private boolean isToScale() {
        return furthest <= TO_SCALE;
    }

    /** Where a number stands; not to scale all stops are equally far from each other. */
    private double x(BigInteger value) {
        return isToScale() ? LEFT + value.doubleValue() * SCALE / furthest
                : LEFT + inOrder.indexOf(value) * JUMP + (forward ? 0 : start.length() * LETTER * 0.3);
    }

    /** A mark for every one, a longer one for every ten; numbers at the tens or, on a short line, at every one. */
    private void ruler() {
        int numbered = furthest > ONE_BY_ONE ? TEN : 1;
        for (int one = 0; one <= furthest; one++) {
            double x = x(BigInteger.valueOf(one));
            double half = one % TEN == 0 ? 1 : 0.4;
            easel.line(x, LINE - half, 0, 2 * half);
            double near = numbered == 1 ? 1 : NEAR;
            if (one % numbered == 0 && inOrder.stream().noneMatch(stop -> Math.abs(x(stop) - x) < near)) {
                easel.text("at " + one, x, LINE + 3.4, LETTER * 0.8, Integer.toString(one), Tone.FAINT);
            }
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
