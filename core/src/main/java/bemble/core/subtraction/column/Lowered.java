package bemble.core.subtraction.column;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.subtraction.column.TopFigures.FigureSpot;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import org.jspecify.annotations.Nullable;

/**
 * What is left of a figure that gives one to the next place.
 *
 * @param needing the column that the ten is for
 * @param first whether the exchange begins here; otherwise a ten has just come here and is passed on
 * @param written whether it is written, not kept in the head
 */
public record Lowered(FigureSpot figure, int before, int needing, boolean first,
        boolean written) implements Question<Integer> {
    @Override
    public int place() {
        return figure.place();
    }

    @Override
    public @Nullable Integer careful() {
        return before == 0 ? null : before - 1;
    }

    @Override
    public boolean belongs(Integer after) {
        return written;
    }

    @Override
    public void ink(Integer after, Ink ink) {
        if (after != before) {
            ink.strike(figure.now(), Integer.toString(before), Role.EXCHANGE, figure.size(), Anchor.MIDDLE);
            ink.small(figure.above(), Integer.toString(after), Role.EXCHANGE, Anchor.MIDDLE);
        }
    }

    /** What stands above; a ten that has come to a figure below ten is what it was raised to, not lowered. */
    @Override
    public @Nullable Integer read(Reading paper) {
        if (!written) {
            return null;
        }
        Integer above = paper.number(figure.above(), Anchor.MIDDLE);
        return above == null || above >= 10 && before < 10 ? null : above;
    }
}
