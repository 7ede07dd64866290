package bemble.server.writing;

import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.hand.Stuck;
import bemble.core.marking.Marked;
import bemble.core.marking.MarkedFigure;
import bemble.core.marking.PaperVerdict;
import bemble.core.marking.Verdict;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Refusal;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.server.work.WorkResponse;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paper as it is marked.
 *
 * @param notShown lines of the working of which nothing stands although the answer does
 * @param marks the marks it gets; left out where the house style gives none
 * @param unknown how likely a habit that is not known led to it, from 0 to 1
 * @param say a sentence where no slip is likely; else nothing
 * @param leftOut how many figures were saved that cannot be read; left out where all can
 */
public record MarkResponse(
        @NotNull PaperVerdict verdict,
        @NotNull List<MarkedView> figures,
        @NotNull MarkedAnswerView answer,
        @NotNull List<LineView> notShown,
        @Nullable MarksView marks,
        @Nullable FirstView first,
        @Nullable MarkedCheckView check,
        @NotNull List<FindingView> findings,
        @NotNull double unknown,
        @NotNull String say,
        @Nullable Integer leftOut) {
    /** The slip that a wrong paper fits; null where it is right, or none is likely. */
    public @Nullable String likeliestSlip() {
        return verdict != PaperVerdict.RIGHT && !findings.isEmpty() && say.isEmpty() ? findings.get(0).slip() : null;
    }

    /** The same of a paper of which so many figures cannot be read. */
    public MarkResponse without(int figures) {
        return new MarkResponse(verdict, this.figures, answer, notShown, marks, first, check, findings, unknown, say,
                figures);
    }

    /**
     * A figure that stands there or that is not there yet.
     *
     * @param should what belongs there where that is something else
     */
    public record MarkedView(@NotNull String block, @NotNull String line, @NotNull int place, @NotNull Anchor anchor,
            @NotNull MarkKind kind, @NotNull String text, @NotNull Verdict verdict, @Nullable String should) {
        static MarkedView of(MarkedFigure figure) {
            Figure.Key at = figure.at();
            return new MarkedView(at.block().id(), at.line().id(), at.place(), at.anchor(), figure.kind(),
                    figure.text(),
                    figure.verdict(), figure.should());
        }
    }

    /** A line of a block. */
    public record LineView(@NotNull String block, @NotNull String line) {}

    /** Marks for a paper, and what for. */
    public record MarksView(@NotNull int given, @NotNull int of, @NotNull String say) {}

    public record MarkedAnswerView(@NotNull String text, @NotNull PaperVerdict verdict) {}

    /** Where a rule was broken first, and the rule or fact in a teacher's words. */
    public record FirstView(@NotNull String block, @NotNull String line, @NotNull int place, @NotNull Anchor anchor,
            @NotNull MarkKind kind, @NotNull String say) {}

    public record MarkedCheckView(@NotNull String statement, @NotNull boolean agrees, @NotNull PaperVerdict verdict) {}

    /**
     * A slip that the paper fits.
     *
     * @param with the second slip, where there are two
     * @param places where the rule was broken
     * @param working the presumed writing, slip and all
     */
    public record FindingView(@NotNull String slip, @Nullable String with, @NotNull List<Integer> places,
            @NotNull double confidence,
            @NotNull String say, @Nullable WorkResponse working) {}

    static MarkResponse of(Marked marked, WorkOrder order) {
        return new MarkResponse(marked.verdict(), marked.figures().stream().map(MarkedView::of).toList(),
                new MarkedAnswerView(marked.answer().text(), marked.answer().verdict()),
                marked.notShown().stream().map(line -> new LineView(line.block().id(), line.line().id())).toList(),
                marked.marks() == null ? null
                        : new MarksView(marked.marks().given(), marked.marks().of(), marked.marks().say()),
                marked.first() == null ? null : first(marked.first()),
                marked.check() == null ? null : new MarkedCheckView(marked.check().statement(), marked.check().agrees(),
                        marked.check().verdict()),
                marked.slips().stream().map(slip -> finding(slip, order)).toList(),
                marked.causes().unknown(), marked.causes().say(), null);
    }

    private static FirstView first(Marked.FirstWrong first) {
        Figure.Key at = first.at();
        return new FirstView(at.block().id(), at.line().id(), at.place(), at.anchor(),
                at.stroke() ? MarkKind.STRIKE : MarkKind.DIGIT, first.say());
    }

    private static FindingView finding(Marked.Explained slip, WorkOrder order) {
        String both = DiagnosisWords
                .label(slip.with() == null ? List.of(slip.slip()) : List.of(slip.slip(), slip.with()), order.problem());
        return new FindingView(slip.slip(), slip.with(), slip.places(), slip.confidence(),
                "Fits this paper: a child who " + both + ".",
                working(slip, order));
    }

    /** What such a hand writes from the beginning; nothing where it gets stuck there. */
    private static @Nullable WorkResponse working(Marked.Explained slip, WorkOrder order) {
        try {
            return WorkResponse.of(Worked.by(slip.hand(), order, slip.slip(), slip.with()));
        } catch (Stuck | Refusal nowhere) {
            return null;
        }
    }
}
