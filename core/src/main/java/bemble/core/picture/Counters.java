package bemble.core.picture;

import bemble.core.division.digits.DivisionRecord;
import bemble.core.division.digits.DivisionStage;
import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Problem.Division;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.math.BigInteger;

/** One stage of a division with counters: shared out among the divisor, or put into groups as large as the divisor. */
final class Counters {
    private static final int MOST_SHARES = 12;
    private static final int MOST_COUNTERS = 120;
    private static final int ROW = 20;
    private static final double CELL = 2.4;

    private final PictureKind kind;
    private final Division division;
    private final Words words;
    private final Easel easel;

    Counters(PictureKind kind, Division division, HouseStyle style) {
        this.kind = kind;
        this.division = division;
        this.words = new Words(style);
        this.easel = new Easel(kind);
    }

    Picture draw(Working working, DivisionRecord record) {
        BigInteger most = BigInteger.valueOf(MOST_COUNTERS);
        if (division.divisor().wholeValue().compareTo(BigInteger.valueOf(MOST_SHARES)) > 0
                || record.stages().stream()
                        .anyMatch(stage -> new BigInteger(stage.partial()).max(given(stage)).compareTo(most) > 0)) {
            return Picture.none(kind, "Too many counters to see: they are laid out for a divisor of up to "
                    + MOST_SHARES + ".");
        }
        Moments moments = new Moments(working);
        int stage = 0;
        boolean divided = false;
        boolean subtracted = false;
        for (Step step : moments.steps()) {
            if (step.kind() == StepKind.BRING_DOWN) {
                stage++;
                divided = false;
                subtracted = false;
            }
            divided |= step.kind() == StepKind.DIVIDE;
            // With a step a column, what is left is found in the step that multiplies.
            subtracted |= divided && step.kind() != StepKind.DIVIDE;
            frame(record.stages().get(Math.min(stage, record.stages().size() - 1)), stage, step.n(), divided,
                    subtracted);
        }
        return easel.picture();
    }

    /** How many are given out where each gets what this hand says. */
    private BigInteger given(DivisionStage stage) {
        return division.divisor().wholeValue().multiply(BigInteger.valueOf(stage.digit()));
    }

    private void frame(DivisionStage stage, int number, int step, boolean divided, boolean subtracted) {
        int all = Integer.parseInt(stage.partial());
        int divisor = division.divisor().wholeValue().intValueExact();
        int given = divided ? given(stage).intValueExact() : 0;
        double below = 3 + (all + ROW - 1) / ROW * CELL + 2;
        easel.text("what", ROW * CELL / 2, 2.4, 2.2, "each counter is 1 " + words.one(stage.place()), Tone.FAINT);
        for (int i = given; i < all; i++) {
            counter(number, i, 1 + i % ROW * CELL, 3.4 + i / ROW * CELL, subtracted ? Tone.FRESH : Tone.PLAIN);
        }
        if (kind == PictureKind.SHARING) {
            plates(stage, number, divisor, given, all, below);
        } else {
            groups(number, divisor, given, all, below);
        }
        easel.frame(step, words(stage, divided, subtracted, all - given));
    }

    private void plates(DivisionStage stage, int number, int divisor, int given, int all, double top) {
        double width = ROW * CELL / Math.min(divisor, 6);
        double height = (divisor > 6 ? 3 : 4) * CELL;
        for (int plate = 0; plate < divisor; plate++) {
            double x = 1 + plate % 6 * width;
            double y = top + plate / 6 * (height + 1);
            easel.shape("plate " + plate, Kind.OUTLINE, x, y, width - 1, height, Tone.PLAIN);
            for (int i = 0; given > 0 && i < stage.digit(); i++) {
                int across = Math.max(1, (int) ((width - 1.6) / CELL));
                int which = i * divisor + plate;
                counter(number, which, x + 0.4 + i % across * CELL, y + 0.4 + i / across * CELL, there(which, all));
            }
        }
    }

    private void groups(int number, int divisor, int given, int all, double top) {
        int across = divisor <= 5 ? divisor : (divisor + 1) / 2;
        int deep = (divisor + across - 1) / across;
        int inRow = Math.max(1, (int) (ROW * CELL / (across * CELL + 1.6)));
        for (int i = 0; i < given; i++) {
            int group = i / divisor;
            int at = i % divisor;
            double x = 1 + group % inRow * (across * CELL + 1.6);
            double y = top + group / inRow * (deep * CELL + 1.6);
            if (at == 0) {
                easel.shape("group " + group, Kind.OUTLINE, x, y, across * CELL + 0.6, deep * CELL + 0.6, Tone.PLAIN);
            }
            counter(number, i, x + 0.3 + at % across * CELL, y + 0.3 + at / across * CELL, there(i, all));
        }
    }

    /** A counter that is given out and not there comes from nowhere. */
    private static Tone there(int counter, int all) {
        return counter < all ? Tone.PLAIN : Tone.FAINT;
    }

    private void counter(int stage, int number, double x, double y, Tone tone) {
        easel.shape("counter " + stage + " " + number, Kind.ROUND, x + 0.2, y + 0.2, CELL - 0.4, CELL - 0.4, tone);
    }

    private String words(DivisionStage stage, boolean divided, boolean subtracted, int left) {
        boolean shares = kind == PictureKind.SHARING;
        String asked = shares
                ? words.count(Integer.parseInt(stage.partial()), stage.place()) + " to be shared among "
                        + division.divisor().plain() + ": how many does each get?"
                : words.count(Integer.parseInt(stage.partial()), stage.place()) + ": how many groups of "
                        + division.divisor().plain() + " are in them?";
        if (!divided) {
            return asked;
        }
        String found = shares ? words.count(stage.digit(), stage.place()) + " each"
                : stage.digit() == 1 ? "1 group" : stage.digit() + " groups";
        String rest = left < 0 ? -left + " more than there are" : left + " left";
        boolean agrees = !subtracted || stage.difference().equals(Integer.toString(left));
        return asked + " " + Words.capital(found) + ", " + rest
                + (agrees ? "." : "; this hand writes " + stage.difference() + " left.");
    }
}
