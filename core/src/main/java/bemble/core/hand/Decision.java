package bemble.core.hand;

import bemble.core.working.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * A small decision as it was made.
 *
 * @param asked the question, with all that it was decided from
 * @param decided what this hand decided
 * @param written whether this hand put it on the paper
 */
public record Decision<A>(Question<A> asked, A decided, boolean written) implements Entry {
    /** Whether a careful hand in the same state would have decided or written otherwise, where the writer is not free to. */
    public boolean isBroken() {
        A careful = asked.careful();
        boolean other = careful != null && !careful.equals(decided) && !FreeQuestion.isAllowed(asked, decided);
        return careful != null && (other || written != asked.belongs(decided));
    }

    /** What this hand left on the paper. */
    public List<Figure> ink() {
        return written ? inkOf(decided) : List.of();
    }

    /** What a careful hand would have left there in the same state. */
    public List<Figure> carefulInk() {
        A careful = FreeQuestion.isAllowed(asked, decided) ? decided : asked.careful();
        return careful != null && asked.belongs(careful) ? inkOf(careful) : List.of();
    }

    private List<Figure> inkOf(A answer) {
        List<Figure> figures = new ArrayList<>(2);
        asked.ink(answer, figures::add);
        return figures;
    }
}
