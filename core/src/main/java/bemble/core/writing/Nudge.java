package bemble.core.writing;

import bemble.core.marking.Marked;
import bemble.core.marking.MarkedFigure;
import bemble.core.marking.Verdict;
import bemble.core.order.WorkOrder;
import bemble.core.working.Figure;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What comes next on somebody's paper, for who is stuck.
 *
 * @param at the square and the part of it
 * @param ask the question that the figure answers
 * @param text the figure
 * @param kind whether it is a digit, a number or a stroke
 */
public record Nudge(Figure.Key at, String ask, @Nullable String text, String kind) {
    /** What comes next, from how a paper is marked; nothing where all is there. */
    public static Optional<Nudge> next(WorkOrder order, boolean check, Marked marked) {
        Working working = WritingPaper.written(order, check).workingAsItLooks();
        return nextFigure(marked.figures()).map(figure -> firstOnTheWay(figure, marked.figures(), working))
                .map(figure -> new Nudge(figure.at(),
                        step(working, figure.at()).map(step -> step.spoken().ask()).orElse(""),
                        figure.should(), figure.kind().id()));
    }

    /** The step in which a careful hand writes there. */
    private static Optional<Step> step(Working working, Figure.Key at) {
        return working.marks().stream()
                .filter(mark -> WritingPaper.isWritten(mark) && mark.key().equals(inMethod(at)))
                .findFirst()
                .map(mark -> working.steps().get(mark.step() - 1));
    }

    /** Of the figures of one line and step that are missing alike, the one that the pen comes to first. */
    private static MarkedFigure firstOnTheWay(MarkedFigure next, List<MarkedFigure> figures, Working working) {
        Optional<Step> step = step(working, next.at());
        List<Figure.Key> missing = figures.stream().filter(figure -> figure.verdict() == next.verdict()
                && figure.at().line().equals(next.at().line())).map(MarkedFigure::at).toList();
        return WritingPaper.way(working).stream().filter(mark -> step.isPresent() && mark.step() == step.get().n())
                .flatMap(mark -> missing.stream().filter(at -> inMethod(at).equals(mark.key()))).findFirst()
                .flatMap(key -> figures.stream().filter(figure -> figure.at().equals(key)).findFirst()).orElse(next);
    }

    /** Where it is in the method, however often it was begun again. */
    private static Figure.Key inMethod(Figure.Key at) {
        return at.withBlock(at.block().begunFirst());
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
