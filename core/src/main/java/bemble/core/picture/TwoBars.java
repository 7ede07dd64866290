package bemble.core.picture;

import bemble.core.hand.Answer;
import bemble.core.order.Worked;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.counting.CountingUpRecord;
import bemble.core.subtraction.counting.Jump;
import bemble.core.subtraction.equal.EqualAdditionsRecord;
import bemble.core.subtraction.equal.PaidColumn;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Set;

/**
 * The minuend and the subtrahend as two bars, and what is between them. What a hand that slips takes for it lies below as a bar of its
 * own, to be held against it.
 */
final class TwoBars {
    private static final double FULL = 60;
    private static final double HIGH = 7;
    private static final double LETTER = 3;
    /** A shorter piece could not be told from a line. */
    private static final double LEAST_SHARE = 0.02;

    private final Subtraction problem;
    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.BARS);

    /** By how much the bars are longer than their numbers. */
    private record Longer(Numeral above, Numeral below) {}

    TwoBars(Subtraction problem, HouseStyle style) {
        this.problem = problem;
        this.style = style;
    }

    Picture draw(Worked worked) {
        double minuend = problem.minuend().value().doubleValue();
        double subtrahend = problem.subtrahend().value().doubleValue();
        if (minuend == 0 || Math.min(subtrahend, minuend - subtrahend) < LEAST_SHARE * minuend) {
            return Picture.none(PictureKind.BARS,
                    "The numbers are too unlike, or too alike: one piece of the bars would be "
                            + "thinner than a line.");
        }
        Moments moments = new Moments(worked.working());
        Step last = moments.steps().get(moments.steps().size() - 1);
        for (Step step : moments.steps()) {
            boolean ends = step.n() == last.n();
            Longer longer = longer(worked, moments.count(step, Set.of(StepKind.EXCHANGE)));
            int jumps = worked.record() instanceof CountingUpRecord record
                    ? Math.min(record.jumps().size(), moments.count(step, Set.of(StepKind.JUMP))) : 0;
            boolean known = ends && worked.slip() == null;
            frame(worked, known, longer, jumps);
            easel.frame(step.n(), sentence(known, worked.answer(), longer)
                    + (ends && !known ? "; " + written(worked.answer()) : "") + ".");
        }
        return easel.picture();
    }

    /** What equal additions have added above and paid back below. */
    private static Longer longer(Worked worked, int times) {
        BigInteger above = BigInteger.ZERO;
        BigInteger below = BigInteger.ZERO;
        int seen = 0;
        if (worked.record() instanceof EqualAdditionsRecord record) {
            for (int i = 0; i < record.columns().size() && seen < times; i++) {
                PaidColumn column = record.columns().get(i);
                if (column.addedTen()) {
                    seen++;
                    BigInteger one = BigInteger.TEN.pow(column.place() + 1);
                    int paid = i + 1 < record.columns().size() ? record.columns().get(i + 1).payBack() : 0;
                    above = above.add(one);
                    below = below.add(one.multiply(BigInteger.valueOf(paid)));
                }
            }
        }
        return new Longer(Numeral.of(above), Numeral.of(below));
    }

    private void frame(Worked worked, boolean known, Longer longer, int jumps) {
        double unit = unit();
        double top = problem.minuend().value().doubleValue() * unit;
        double bottom = problem.subtrahend().value().doubleValue() * unit;
        bar("minuend", 1, 2, top, text(problem.minuend()), Tone.PLAIN);
        bar("subtrahend", 1, 2 + HIGH + 2, bottom, text(problem.subtrahend()), Tone.PLAIN);
        more("more above", 1 + top, 2, longer.above());
        more("more below", 1 + bottom, 2 + HIGH + 2, longer.below());
        top += longer.above().value().doubleValue() * unit;
        double left = 1 + bottom + longer.below().value().doubleValue() * unit;
        if (jumps > 0) {
            jumps(((CountingUpRecord) worked.record()).jumps().subList(0, jumps), 1 + bottom, unit);
        } else {
            easel.shape("between", Shape.Kind.OUTLINE, left, 2 + HIGH + 2, 1 + top - left, HIGH, Tone.FRESH);
            easel.text("difference", (left + 1 + top) / 2, 2 + HIGH + 2 + HIGH / 2 + LETTER * 0.35,
                    LETTER,
                    known ? worked.answer().text() : "?", Tone.FRESH);
        }
    }

    /** A bar with its number in it, smaller where it is long, and left out where it could not be read. */
    private void bar(String key, double x, double y, double width, String text, Tone tone) {
        double letter = Easel.letter(LETTER, width, text);
        easel.area(key, x, y, width, HIGH, letter < Easel.LEAST_LETTER ? "" : text, letter, tone);
    }

    private void more(String key, double x, double y, Numeral added) {
        double width = added.value().doubleValue() * unit();
        if (width > 0) {
            String text = width > text(added).length() * LETTER * 0.5 ? "+" + text(added) : "+";
            easel.area(key, x, y, width, HIGH, text, LETTER * 0.7, Tone.FRESH);
        }
    }

    private String sentence(boolean known, Answer answer, Longer longer) {
        return "Two bars, " + text(problem.minuend()) + " and " + text(problem.subtrahend())
                + longer(longer)
                + "; between them " + (known ? answer.text() : "what is sought");
    }

    private String longer(Longer longer) {
        if (longer.above().isZero()) {
            return "";
        }
        return longer.above().equals(longer.below())
                ? ", both made longer by " + text(longer.above()) + ", so what is between them stays"
                : ", the upper made longer by " + text(longer.above()) + ", the lower "
                        + (longer.below().isZero() ? "left as it is" : "by " + text(longer.below()))
                        + ", so what is between them is another";
    }

    /** The bar of what this hand came to, and how it lies beside what is between the two. */
    private String written(Answer answer) {
        double unit = unit();
        BigDecimal between = problem.minuend().value().subtract(problem.subtrahend().value());
        BigDecimal found = new BigDecimal(answer.value());
        double left = 1 + problem.subtrahend().value().doubleValue() * unit;
        boolean fits = found.doubleValue() * unit <= FULL;
        bar("written", left, 2 + 2 * (HIGH + 2), Math.min(FULL, found.doubleValue() * unit), answer.text(), Tone.FRESH);
        return "this hand writes " + answer.text() + ", "
                + (!fits ? "far longer than that" : found.compareTo(between) > 0 ? "longer than that"
                        : found.compareTo(between) < 0 ? "shorter than that" : "as long as that");
    }

    private double unit() {
        return FULL / (problem.minuend().value().doubleValue() * 1.25);
    }

    /** The jumps of counting up fill what is between the bars. */
    private void jumps(List<Jump> jumps, double left, double unit) {
        double x = left;
        for (int i = 0; i < jumps.size(); i++) {
            double width = new BigDecimal(jumps.get(i).size()).doubleValue() * unit;
            String text = width > jumps.get(i).size().length() * LETTER * 0.5 ? "+" + jumps.get(i).size() : "";
            easel.area("jump " + i, x, 2 + HIGH + 2, width, HIGH, text, LETTER * 0.7,
                    i == jumps.size() - 1 ? Tone.FRESH : Tone.FAINT);
            x += width;
        }
    }

    private String text(Numeral number) {
        return style.number(number);
    }
}
