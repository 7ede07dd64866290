package bemble.core.picture;

import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.root.RootRecord;
import bemble.core.root.RootStage;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The root as the side of a square: at each stage the square so far, two strips along it and a corner. */
final class CutSquare {
    /** At a later stage the strips are thinner than a line. */
    private static final int MOST_STAGES = 3;
    private static final double SIDE = 40;
    private static final double LETTER = 2.6;

    private final HouseStyle style;
    private final Easel easel = new Easel(PictureKind.SQUARE);

    CutSquare(HouseStyle style) {
        this.style = style;
    }

    Picture draw(Working working, RootRecord record) {
        if (record.stages().size() > MOST_STAGES) {
            return Picture.none(PictureKind.SQUARE,
                    "From the fourth digit of the root on the strips are thinner than a "
                            + "line: the square is drawn for roots of up to " + MOST_STAGES + " digits.");
        }
        Moments moments = new Moments(working);
        int stage = 0;
        boolean found = false;
        for (Step step : moments.steps()) {
            if (step.kind() == StepKind.BRING_DOWN) {
                stage++;
                found = false;
            }
            found |= step.kind() == StepKind.TRIAL;
            frame(record.stages(), Math.min(stage, record.stages().size() - 1), found, step.n());
        }
        return easel.picture();
    }

    private void frame(List<RootStage> stages, int stage, boolean found, int step) {
        // All sizes in units of this stage's digit: the square so far has ten times the root before as its side.
        BigInteger before = root(stages, stage).multiply(BigInteger.TEN);
        BigInteger digit = BigInteger.valueOf(stages.get(stage).digit());
        double whole = before.add(digit).max(BigInteger.ONE).doubleValue();
        double a = SIDE * before.doubleValue() / whole;
        double b = SIDE - a;
        if (stage == 0) {
            if (!found) {
                easel.shape("square", Kind.OUTLINE, 1, 4, SIDE, SIDE, Tone.FRESH);
                easel.text("sought", 1 + SIDE / 2, 4 + SIDE / 2, LETTER * 2, "?", Tone.FRESH);
                easel.frame(step, "A square whose side is sought.");
            } else {
                easel.area("square", 1, 4, SIDE, SIDE, digit + " × " + digit + " = " + digit.pow(2), LETTER,
                        Tone.FRESH);
                easel.text("side", 1 + SIDE / 2, 3, LETTER, digit.toString(), Tone.PLAIN);
                easel.frame(step, "The largest square: " + String.join("; ", withThose(
                        digit + " × " + digit + " = " + digit.pow(2), taken(stages.get(0), digit.pow(2)))) + ".");
            }
            return;
        }
        easel.area("square", 1, 4, a, a, text(before) + " × " + text(before), LETTER, Tone.PLAIN);
        easel.text("side", 1 + a / 2, 3, LETTER, text(before), Tone.PLAIN);
        if (!found || digit.signum() == 0) {
            String words = found ? "No strip fits: the digit is 0."
                    : "Two strips along the square, as wide as the digit "
                            + "sought, and a corner: together at most "
                            + text(new BigInteger(stages.get(stage).current())) + ".";
            if (!found) {
                easel.shape("right", Kind.OUTLINE, 1 + a, 4, b, a, Tone.FRESH);
                easel.shape("below", Kind.OUTLINE, 1, 4 + a, a, b, Tone.FRESH);
                easel.shape("corner", Kind.OUTLINE, 1 + a, 4 + a, b, b, Tone.FRESH);
            }
            note(found ? words : "strips and corner: at most",
                    found ? "" : text(new BigInteger(stages.get(stage).current())));
            easel.frame(step, words);
            return;
        }
        BigInteger strip = before.multiply(digit);
        easel.area("right", 1 + a, 4, b, a, "", LETTER, Tone.FRESH);
        easel.area("below", 1, 4 + a, a, b, "", LETTER, Tone.FRESH);
        easel.area("corner", 1 + a, 4 + a, b, b, "", LETTER, Tone.FAINT);
        easel.text("width", 1 + a + b / 2, 3, LETTER, digit.toString(), Tone.FRESH);
        String strips = "2 × " + text(before) + " × " + digit + " = " + text(strip.shiftLeft(1));
        BigInteger area = strip.shiftLeft(1).add(digit.pow(2));
        String corner = digit + " × " + digit + " = " + digit.pow(2) + ", together " + text(area);
        note(strips, corner);
        List<String> taken = taken(stages.get(stage), area);
        if (!taken.isEmpty()) {
            easel.text("third note", 1 + SIDE / 2, SIDE + 16, LETTER * 0.8, taken.get(taken.size() - 1), Tone.PLAIN);
        }
        easel.frame(step,
                "Two strips: " + strips + "; and a corner: " + String.join("; ", withThose(corner, taken)) + ".");
    }

    /** What a hand takes away that is not the square and the strips. */
    private List<String> taken(RootStage stage, BigInteger area) {
        BigInteger product = new BigInteger(stage.product());
        BigInteger current = new BigInteger(stage.current());
        List<String> taken = new ArrayList<>();
        if (area.compareTo(current) > 0) {
            taken.add("more than the " + text(current) + " there are");
        }
        if (!product.equals(area)) {
            taken.add("this hand takes " + text(product) + " away");
        }
        return taken;
    }

    private static List<String> withThose(String first, List<String> others) {
        return Stream.concat(Stream.of(first), others.stream()).toList();
    }

    private void note(String first, String second) {
        easel.text("note", 1 + SIDE / 2, SIDE + 8, LETTER, first, Tone.FRESH);
        easel.text("second note", 1 + SIDE / 2, SIDE + 12, LETTER, second, Tone.FRESH);
    }

    /** The root from the digits before a stage. */
    private static BigInteger root(List<RootStage> stages, int stage) {
        BigInteger root = BigInteger.ZERO;
        for (RootStage before : stages.subList(0, stage)) {
            root = root.multiply(BigInteger.TEN).add(BigInteger.valueOf(before.digit()));
        }
        return root;
    }

    private String text(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
