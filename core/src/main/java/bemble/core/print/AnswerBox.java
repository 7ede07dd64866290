package bemble.core.print;

import bemble.core.print.ink.PageInk;
import java.util.ArrayList;
import java.util.List;

/** A box that an answer is copied into; as wide under every question, so that it tells nothing. */
final class AnswerBox {
    /** Its width and height, in letters. */
    private static final double WIDE = 8;
    private static final double HIGH = 1.6;
    /** How thick its lines are, in millimetres. */
    private static final double LINE = 0.3;

    private AnswerBox() {}

    /**
     * The panel of it.
     *
     * @param room how wide it is, in millimetres
     * @param letter the height of the question's letters, in millimetres
     */
    static Panel of(double room, double letter) {
        double left = Math.max(0, room - WIDE * letter);
        double small = 0.8 * letter;
        List<PageInk> inks = new ArrayList<>();
        inks.add(new PageInk.Text(left - 0.4 * letter, 0.5 * (HIGH * letter + small), small, PageInk.Align.END, false,
                "Answer"));
        inks.addAll(PageInk.box(left, 0, room, HIGH * letter, LINE));
        return new Panel(room, HIGH * letter + QuestionPanel.GAP, inks);
    }
}
