package bemble.core.marking;

import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import org.jspecify.annotations.Nullable;

/**
 * A figure of a paper, or of what is not there, with what is said of it.
 *
 * @param at the square and the part of it
 * @param kind what sort of figure
 * @param text what stands there, or nothing
 * @param should what belongs there where that is something else; else null
 */
public record MarkedFigure(Figure.Key at, MarkKind kind, String text, Verdict verdict, @Nullable String should) {
    /** The same, standing elsewhere. */
    MarkedFigure withAt(Figure.Key other) {
        return new MarkedFigure(other, kind, text, verdict, should);
    }

    /** The same, judged otherwise. */
    MarkedFigure withVerdict(Verdict other) {
        return new MarkedFigure(at, kind, text, other, should);
    }

    /** The same, with what belongs there. */
    MarkedFigure withShould(String other) {
        return new MarkedFigure(at, kind, text, verdict, other);
    }
}
