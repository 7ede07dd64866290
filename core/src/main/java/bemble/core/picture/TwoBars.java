package bemble.core.picture;

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

/** The minuend and the subtrahend as two bars, and what is between them. */
final class TwoBars {
    private static final double FULL = 60;
    private static final double HIGH = 7;
    private static final double LETTER = 3;
    /** A shorter piece could not be told from a line. */
    private static final double LEAST_SHARE = 0.02;

    private final Subtraction problem;
    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.BARS);

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
            boolean known = step.n() == last.n();
            Numeral added = added(worked, moments.count(step, Set.of(StepKind.EXCHANGE)));
            int jumps = worked.record() instanceof CountingUpRecord record
                    ? Math.min(record.jumps().size(), moments.count(step, Set.of(StepKind.JUMP))) : 0;
            frame(worked, step, known, added, jumps);
        }
        return easel.picture();
    }

    /** What equal additions have added to both numbers. */
    private Numeral added(Worked worked, int times) {
        if (!(worked.record() instanceof EqualAdditionsRecord record)) {
            return Numeral.ZERO;
        }
        BigInteger added = record.columns().stream().filter(PaidColumn::addedTen).limit(times)
                .map(column -> BigInteger.TEN.pow(column.place() + 1)).reduce(BigInteger.ZERO, BigInteger::add);
        return Numeral.of(added);
    }

    private void frame(Worked worked, Step step, boolean known, Numeral added, int jumps) {
        double unit = FULL / (problem.minuend().value().doubleValue() * 1.25);
        double top = problem.minuend().value().doubleValue() * unit;
        double bottom = problem.subtrahend().value().doubleValue() * unit;
        double more = added.value().doubleValue() * unit;
        easel.area("minuend", 1, 2, top, HIGH, text(problem.minuend()), LETTER, Tone.PLAIN);
        easel.area("subtrahend", 1, 2 + HIGH + 2, bottom, HIGH, text(problem.subtrahend()), LETTER, Tone.PLAIN);
        String answer = style.number(Numeral.of(worked.answer().value()));
        if (more > 0) {
            String text = more > text(added).length() * LETTER * 0.5 ? "+" + text(added) : "+";
            easel.area("more above", 1 + top, 2, more, HIGH, text, LETTER * 0.7, Tone.FRESH);
            easel.area("more below", 1 + bottom, 2 + HIGH + 2, more, HIGH, text, LETTER * 0.7, Tone.FRESH);
        }
        if (jumps > 0) {
            jumps(((CountingUpRecord) worked.record()).jumps().subList(0, jumps), 1 + bottom, unit);
        } else {
            easel.shape("between", Shape.Kind.OUTLINE, 1 + bottom + more, 2 + HIGH + 2, top - bottom, HIGH, Tone.FRESH);
            easel.text("difference", 1 + bottom + more + (top - bottom) / 2, 2 + HIGH + 2 + HIGH / 2 + LETTER * 0.35,
                    LETTER,
                    known ? answer : "?", Tone.FRESH);
        }
        easel.frame(step.n(), "Two bars, " + text(problem.minuend()) + " and " + text(problem.subtrahend())
                + (more > 0 ? ", both made longer by " + text(added) + ", so what is between them stays" : "")
                + "; between them " + (known ? answer : "what is sought") + ".");
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
