package bemble.core.subtraction.equal;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Line;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * What is added below in the next column for ten added above.
 *
 * @param place the column for which it is added
 * @param added whether ten was added above
 * @param there how much was added below in that column before, for another one
 * @param empty whether nothing is given below in that column
 */
public record OneBelow(Spot at, int place, boolean added, int there, boolean empty)
        implements Question<Integer> {
    @Override
    public Integer careful() {
        return added ? 1 : 0;
    }

    @Override
    public void ink(Integer decided, Ink ink) {
        if (decided > 0) {
            ink.small(at, Integer.toString(decided), Role.EXCHANGE, anchor());
        }
    }

    /** Beside the answer it stands high: low are the carries of adding back. */
    private Anchor anchor() {
        return at.line().equals(Line.ANSWER) ? Anchor.BEFORE_HIGH : Anchor.BEFORE_LOW;
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        Integer stands = paper.number(at, anchor());
        return stands == null ? null : Math.max(0, stands - there);
    }
}
