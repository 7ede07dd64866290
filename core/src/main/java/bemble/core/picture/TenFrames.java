package bemble.core.picture;

import bemble.core.order.Worked;
import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import bemble.core.words.Words;
import bemble.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** One column's total in frames of ten: what was carried, upper and lower digits are counters of different shapes. */
final class TenFrames {
    private static final int MOST = 40;
    private static final double CELL = 3;

    private final Words words;
    private final boolean carryFirst;
    private final Easel easel = new Easel(PictureKind.TEN_FRAMES);

    TenFrames(HouseStyle style) {
        words = new Words(style);
        carryFirst = style.carryFirst();
    }

    Picture draw(Worked worked) {
        boolean adds = worked.record() instanceof ColumnRecord;
        if (adds && ((ColumnRecord) worked.record()).columns().stream().anyMatch(column -> column.total() > MOST)) {
            return Picture.none(PictureKind.TEN_FRAMES,
                    "Too many counters to see: a column comes to more than " + MOST + ".");
        }
        Moments moments = new Moments(worked.working());
        for (Step step : moments.steps()) {
            int done = moments.columnsDone(step, columns(worked));
            if (done == 0) {
                emptyFrame(0);
                easel.frame(step.n(), "An empty frame of ten.");
            } else if (adds) {
                added(((ColumnRecord) worked.record()).columns().get(done - 1), step.n());
            } else {
                taken(((DecompositionRecord) worked.record()).columns().get(done - 1), step.n());
            }
        }
        return easel.picture();
    }

    private void added(AddedColumn column, int step) {
        List<Kind> counters = new ArrayList<>();
        List<String> parts = new ArrayList<>();
        if (carryFirst) {
            carried(column, counters, parts);
        }
        for (int i = 0; i < column.digits().size(); i++) {
            counters.addAll(Collections.nCopies(column.digits().get(i), i % 2 == 0 ? Kind.ROUND : Kind.SQUARE));
            parts.add(column.digits().get(i) + (i % 2 == 0 ? " round" : " square"));
        }
        if (!carryFirst) {
            carried(column, counters, parts);
        }
        counters(counters, counters.size(), Math.max(counters.size(), column.total()));
        boolean fits = counters.size() == column.total() && column.total() == column.made();
        String fill = !fits ? counters.size() + " in all; this hand writes " + column.digit()
                + (column.carryOut() == 0 ? " and carries nothing" : " and carries " + column.carryOut())
                : column.carryOut() == 0 ? "no ten is full" : words.count(column.carryOut(), column.place() + 1)
                        + " full, " + words.count(column.digit(), column.place()) + " over";
        easel.frame(step, Words.capital(words.places(column.place())) + ": " + String.join(", ", parts) + " counters: "
                + fill + ".");
    }

    /** What was carried is laid when it is added. */
    private static void carried(AddedColumn column, List<Kind> counters, List<String> parts) {
        if (column.carryIn() > 0) {
            counters.addAll(Collections.nCopies(column.carryIn(), Kind.POINTED));
            parts.add(column.carryIn() + " pointed for what was carried");
        }
    }

    private void taken(SubtractedColumn column, int step) {
        counters(Collections.nCopies(column.top(), Kind.ROUND), Math.max(0, column.top() - column.bottom()),
                column.top());
        easel.frame(step, Words.capital(words.places(column.place())) + ": " + column.top() + " counters, "
                + column.bottom() + (column.agrees() ? " struck off, " + column.digit() + " left."
                        : " to be struck off; this hand writes " + column.digit() + "."));
    }

    private static int columns(Worked worked) {
        return worked.record() instanceof ColumnRecord record ? record.columns().size()
                : ((DecompositionRecord) worked.record()).columns().size();
    }

    /** @param staying how many counters are not struck off */
    private void counters(List<Kind> counters, int staying, int total) {
        for (int frame = 0; frame <= Math.max(0, total - 1) / 10; frame++) {
            emptyFrame(frame);
        }
        for (int i = 0; i < counters.size(); i++) {
            easel.shape("counter " + i, counters.get(i), x(i) + 0.45, y(i) + 0.45, CELL - 0.9, CELL - 0.9,
                    i < staying ? Tone.PLAIN : Tone.GONE);
        }
    }

    private void emptyFrame(int frame) {
        for (int i = 10 * frame; i < 10 * frame + 10; i++) {
            easel.shape("cell " + i, Kind.OUTLINE, x(i), y(i), CELL, CELL, Tone.FAINT);
        }
        easel.shape("frame " + frame, Kind.OUTLINE, x(10 * frame), y(10 * frame), 5 * CELL, 2 * CELL, Tone.PLAIN);
    }

    /** Two frames side by side, the next two below. */
    private static double x(int counter) {
        return 1 + counter / 10 % 2 * (5 * CELL + 2) + counter % 5 * CELL;
    }

    private static double y(int counter) {
        return 1 + counter / 20 * (2 * CELL + 2) + counter % 10 / 5 * CELL;
    }
}
