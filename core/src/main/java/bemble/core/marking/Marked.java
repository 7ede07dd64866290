package bemble.core.marking;

import bemble.core.hand.slipped.Slip;
import bemble.core.marking.paper.BegunAgain;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.LineOfBlock;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paper as it is marked.
 *
 * @param figures all that was written and all that is not there yet, in the order in which a hand writes it
 * @param answer the answer that stands on the paper
 * @param first where a rule was first broken, or null
 * @param check how the check came out, or null where none was asked for or the paper is not that far
 * @param notShown lines of the working of which nothing stands although the answer does; a note, never a fault
 * @param marks the marks it gets, or null where the style gives none
 * @param causes what may have led to it, where it is wrong
 */
public record Marked(PaperVerdict verdict, List<MarkedFigure> figures, MarkedAnswer answer, @Nullable FirstWrong first,
        @Nullable MarkedCheck check, List<LineOfBlock> notShown, @Nullable MethodMarksGiven marks, Causes causes) {
    public Marked {
        figures = List.copyOf(figures);
        notShown = List.copyOf(notShown);
    }

    /** The slips that the paper fits, the likeliest first. */
    public List<Explained> slips() {
        return causes.slips();
    }

    /** What was marked of a paper begun again, where it stands there, with what belongs to nothing. */
    Marked where(BegunAgain again) {
        List<MarkedFigure> all = new ArrayList<>();
        figures.forEach(figure -> all.add(figure.withAt(where(figure.at(), again))));
        again.left().forEach(figure -> all.add(new MarkedFigure(
                new Figure.Key(figure.block(), figure.line(), figure.place(), Anchor.MIDDLE, false), figure.kind(),
                figure.text(), Verdict.EXTRA, null)));
        return new Marked(verdict, all, answer,
                first == null ? null : new FirstWrong(where(first.at(), again), first.say()), check,
                notShown.stream().map(line -> new LineOfBlock(again.called(line.block()), line.line())).toList(), marks,
                causes);
    }

    private static Figure.Key where(Figure.Key key, BegunAgain again) {
        return key.withBlock(again.called(key.block()));
    }

    /**
     * What may have led to a paper that is wrong.
     *
     * @param slips the hands that the paper fits, the likeliest first
     * @param unknown how likely it is a habit that is not known, from 0 to 1
     * @param say a sentence where no slip is likely; else nothing
     */
    public record Causes(List<Explained> slips, double unknown, String say) {
        static final Causes NONE = new Causes(List.of(), 0, "");
    }

    /** The answer as it stands on the paper, as far as it stands there. */
    public record MarkedAnswer(String text, PaperVerdict verdict) {}

    /**
     * A check as it was written.
     *
     * @param statement the check in symbols, from the answer on the paper
     * @param agrees whether the two numbers agree
     * @param verdict whether the check itself is right
     */
    public record MarkedCheck(String statement, boolean agrees, PaperVerdict verdict) {}

    /** Where the paper first went wrong, and the rule or fact in a teacher's words. */
    public record FirstWrong(Figure.Key at, String say) {}

    /**
     * A hand that would have written this.
     *
     * @param slip the slip's name
     * @param with the name of a second slip, or null
     * @param hand what that hand does
     * @param places where it broke the rule, as powers of ten
     * @param cost how ill it fits, from 0
     * @param confidence from 0 to 1, among the hands that were tried
     */
    public record Explained(String slip, @Nullable String with, Slip hand, List<Integer> places, double cost,
            double confidence) {}
}
