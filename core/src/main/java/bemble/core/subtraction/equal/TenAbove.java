package bemble.core.subtraction.equal;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Anchor;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** What the top digit becomes by ten added above it; written as a small 1 high in front. */
record TenAbove(Spot at, int top) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return top + 10;
    }

    @Override
    public void ink(Integer decided, Ink ink) {
        if (decided != top) {
            ink.small(at, Integer.toString((decided - top) / 10), Role.EXCHANGE, Anchor.BEFORE_HIGH);
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        Integer small = paper.number(at, Anchor.BEFORE_HIGH);
        return small == null ? null : top + 10 * small;
    }
}
