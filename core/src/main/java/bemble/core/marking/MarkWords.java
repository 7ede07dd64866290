package bemble.core.marking;

import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.MarkKind;

/** What is said of a figure that is marked. */
final class MarkWords {
    private final Words words;

    MarkWords(HouseStyle style) {
        this.words = new Words(style);
    }

    /** What stands in a square, and what belongs there. */
    String stands(MarkedFigure figure) {
        // A number written across squares has no column of its own.
        String where = figure.kind() == MarkKind.NUMBER ? "Here " : "In " + words.column(figure.at().place()) + " ";
        String should = figure.should() == null || figure.should().isEmpty() ? "nothing" : figure.should();
        if (figure.at().stroke()) {
            return where + (figure.text().isEmpty() ? should + " is to be struck."
                    : figure.text() + " is struck that stays.");
        }
        return where + (figure.text().isEmpty() ? "nothing stands where " + should + " belongs."
                : "stands " + figure.text() + " where " + should + " belongs.");
    }
}
