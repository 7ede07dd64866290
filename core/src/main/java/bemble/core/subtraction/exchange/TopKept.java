package bemble.core.subtraction.exchange;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.subtraction.column.TopFigures.FigureSpot;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import org.jspecify.annotations.Nullable;

/** What becomes of the top digit over which one was added below: it stays, since the ten was added on both sides. */
public record TopKept(FigureSpot figure, int digit) implements Question<Integer> {
    @Override
    public int place() {
        return figure.place();
    }

    @Override
    public Integer careful() {
        return digit;
    }

    @Override
    public void ink(Integer kept, Ink ink) {
        if (kept != digit) {
            ink.strike(figure.now(), Integer.toString(digit), Role.EXCHANGE, figure.size(), Anchor.MIDDLE);
            ink.small(figure.above(), Integer.toString(kept), Role.EXCHANGE, Anchor.MIDDLE);
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.number(figure.above(), Anchor.MIDDLE);
    }
}
