package bemble.core.print;

import bemble.core.print.ink.Letters;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/** Lines under a question to tell it in words, with words of the class's own that help. */
final class LinesToExplain {
    private static final int LINES = 3;
    /** From line to line, in letters. */
    private static final double BETWEEN = 1.7;
    /** How thick a line is, in millimetres. */
    private static final double RULE = 0.2;

    private LinesToExplain() {}

    /**
     * The panel of them.
     *
     * @param room how wide it is, in millimetres
     * @param letter the height of the question's letters, in millimetres
     */
    static Panel of(Problem problem, HouseStyle style, double room, double letter) {
        double small = letter * 0.8;
        List<PageInk> inks = new ArrayList<>();
        double foot = 0;
        for (String line : Letters.lines("In words, with: " + String.join(", ", toUse(problem, style)), small, room)) {
            foot += letter;
            inks.add(new PageInk.Text(0, foot - letter + small, small, PageInk.Align.START, false, line));
        }
        for (int i = 0; i < LINES; i++) {
            foot += letter * BETWEEN;
            inks.add(new PageInk.Line(0, foot, room, foot, RULE));
        }
        return new Panel(room, foot + QuestionPanel.GAP, inks);
    }

    private static List<String> toUse(Problem problem, HouseStyle style) {
        Words words = new Words(style);
        return switch (problem.operation()) {
            case ADDITION -> List.of(words.places(0), words.places(1), words.carry());
            case SUBTRACTION -> List.of("enough", words.exchange(), "left");
            case MULTIPLICATION -> List.of("times", words.carry(), "row");
            case DIVISION -> List.of(style.measuresOut() ? "how many times" : "share out", "each", "left over");
            case SQUARE_ROOT -> List.of("pair", "double", "fits");
        };
    }
}
