package bemble.core.subtraction.column;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.subtraction.column.TopFigures.FigureSpot;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import org.jspecify.annotations.Nullable;

/**
 * What a figure becomes that gets ten.
 *
 * @param needing the column that the ten is for
 * @param across whether the ten came across zeros
 * @param written whether it is written, not kept in the head
 * @param inFront whether the ten is written as a small 1 in front; otherwise the figure is struck and a new one written
 */
public record Raised(FigureSpot figure, int before, int needing, boolean across,
        boolean written, boolean inFront) implements Question<Integer> {
    @Override
    public int place() {
        return figure.place();
    }

    @Override
    public Integer careful() {
        return before + 10;
    }

    @Override
    public boolean belongs(Integer after) {
        return written;
    }

    /** Whether the new figure stands above the old one. */
    public boolean replaces(int after) {
        return written && after != before && !(inFront && after == before + 10 && before < 10);
    }

    private Anchor front() {
        return figure.height() == 0 ? Anchor.BEFORE_HIGH : Anchor.BEFORE;
    }

    @Override
    public void ink(Integer after, Ink ink) {
        if (replaces(after)) {
            ink.strike(figure.now(), Integer.toString(before), Role.EXCHANGE, figure.size(), Anchor.MIDDLE);
            ink.small(figure.above(), Integer.toString(after), Role.EXCHANGE, Anchor.MIDDLE);
        } else if (written && after != before) {
            ink.small(figure.now(), "1", Role.EXCHANGE, front());
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        if (!written) {
            return null;
        }
        if ("1".equals(paper.at(figure.now(), front()))) {
            return before + 10;
        }
        return paper.number(figure.above(), Anchor.MIDDLE);
    }
}
