package bemble.core.writing;

import bemble.core.marking.Marked;
import bemble.core.marking.MarkedFigure;
import bemble.core.marking.Verdict;
import bemble.core.order.WorkOrder;
import bemble.core.working.Figure;
import bemble.core.working.Working;
import java.util.List;
import java.util.Optional;

/**
 * What comes next on somebody's paper, for who is stuck.
 *
 * @param at the square and the part of it
 * @param ask the question that the figure answers
 * @param text the figure
 * @param kind whether it is a digit, a number or a stroke
 */
public record Nudge(Figure.Key at, String ask, String text, String kind) {
    /** What comes next, from how a paper is marked; nothing where all is there. */
    public static Optional<Nudge> next(WorkOrder order, boolean check, Marked marked) {
        return nextFigure(marked.figures()).map(figure ->
                new Nudge(figure.at(), ask(order, check, figure.at()), figure.should(), figure.kind().id()));
    }

    /** The question of the step in which a careful hand writes there. */
    private static String ask(WorkOrder order, boolean check, Figure.Key at) {
        Working working = WritingPaper.written(order, check).workingAsItLooks();
        return working.marks().stream().filter(mark -> WritingPaper.isWritten(mark) && Squares.key(mark).equals(at)).findFirst()
                .map(mark -> working.steps().get(mark.step() - 1).spoken().ask()).orElse("");
    }

    /** The first figure that is not there; a small one only where nothing after it has been written yet. */
    private static Optional<MarkedFigure> nextFigure(List<MarkedFigure> figures) {
        int lastWritten = -1;
        for (int i = 0; i < figures.size(); i++) {
            boolean there = !figures.get(i).text().isEmpty() && figures.get(i).verdict() != Verdict.EXTRA;
            lastWritten = there && !figures.get(i).at().stroke() ? i : lastWritten;
        }
        for (int i = 0; i < figures.size(); i++) {
            Verdict verdict = figures.get(i).verdict();
            if (verdict == Verdict.MISSING || verdict == Verdict.UNWRITTEN && i > lastWritten
                    || verdict == Verdict.WRONG && figures.get(i).text().isEmpty()) {
                return Optional.of(figures.get(i));
            }
        }
        return Optional.empty();
    }
}
