package bemble.core.picture;

import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.DecompositionRecord;
import bemble.core.subtraction.SubtractedColumn;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Taking away as jumps back along a line, a jump a column; the line is not to scale. */
final class JumpsBack {
    private static final int MOST_DIGITS = 8;
    private static final double JUMP = 13;
    private static final double LINE = 9;
    private static final double LETTER = 2.8;

    private final Numeral minuend;
    private final DecompositionRecord record;
    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.NUMBER_LINE);

    JumpsBack(Problem problem, DecompositionRecord record, HouseStyle style) {
        this.minuend = problem.operands().get(0);
        this.record = record;
        this.style = style;
    }

    Picture draw(Working working) {
        if (minuend.length() > MOST_DIGITS) {
            return Picture.none(PictureKind.NUMBER_LINE, "Too many jumps for one line: it is drawn for up to "
                    + MOST_DIGITS + " digits.");
        }
        Moments moments = new Moments(working);
        long jumps = record.columns().stream().filter(column -> column.bottom() > 0).count();
        double right = 4 + Math.max(1, jumps) * JUMP + minuend.length() * LETTER * 0.3;
        for (Step step : moments.steps()) {
            int done = moments.columnsDone(step);
            easel.line(1, LINE, right + 2, 0);
            easel.text("note", right / 2 + 1, LINE + 7, LETTER * 0.7, "not to scale", Tone.FAINT);
            tick(0, right, minuend.wholeValue(), Tone.PLAIN);
            BigInteger at = minuend.wholeValue();
            double x = right;
            List<String> said = new ArrayList<>();
            for (SubtractedColumn column : record.columns().subList(0, done)) {
                if (column.bottom() == 0) {
                    continue;
                }
                BigInteger size = BigInteger.TEN.pow(column.place()).multiply(BigInteger.valueOf(column.bottom()));
                Tone tone = column.place() == done - 1 ? Tone.FRESH : Tone.PLAIN;
                at = at.subtract(size);
                easel.jump("jump " + column.place(), x - JUMP, x, LINE - 4, 4, tone);
                easel.text("size " + column.place(), x - JUMP / 2, LINE - 4.8, LETTER, "−" + text(size), tone);
                x -= JUMP;
                tick(said.size() + 1, x, at, tone);
                said.add("back " + text(size) + " to " + text(at));
            }
            easel.frame(step.n(), "A number line. From " + text(minuend.wholeValue())
                    + (said.isEmpty() ? "" : " " + String.join(", ", said)) + ".");
        }
        return easel.picture();
    }

    private void tick(int number, double x, BigInteger value, Tone tone) {
        easel.line(x, LINE - 0.8, 0, 1.6);
        easel.text("stop " + number, x, LINE + 3.4, LETTER, text(value), tone);
    }

    private String text(BigInteger value) {
        return style.number(Numeral.of(value));
    }
}
