package bemble.core.scan.asked;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.scan.FigureChances;
import bemble.core.scan.FigureRead;
import bemble.core.scan.QuestionRead;
import bemble.core.scan.ReadSquare;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.List;

/** What was read in a question's squares as figures of a paper, to be marked like one that was written at a screen. */
public final class ReadFigures {
    private ReadFigures() {}

    /** @param answer what stands in the squares of the answer, in their order */
    public static List<PaperFigure> of(QuestionRead read, int[] answer) {
        List<PaperFigure> figures = new ArrayList<>();
        for (FigureRead each : read.figures()) {
            int at = read.answerSquares().indexOf(each.square());
            int kind = at < 0 ? each.kind() : answer[at];
            if (kind < FigureChances.EMPTY || kind == FigureChances.STRUCK) {
                figures.add(figure(each, kind));
            }
        }
        return figures;
    }

    private static PaperFigure figure(FigureRead read, int kind) {
        ReadSquare square = read.square();
        boolean struck = kind == FigureChances.STRUCK;
        // An answer's figure is as sure as the answer; a carry misread never makes a paper wrong.
        boolean unclear = !struck && !square.answer() && read.isDoubtful();
        return new PaperFigure(square.block(), square.line(), square.place(), square.anchor(),
                struck ? MarkKind.STRIKE : MarkKind.DIGIT,
                struck ? "" : unclear ? PaperFigure.UNCLEAR : Integer.toString(kind));
    }
}
