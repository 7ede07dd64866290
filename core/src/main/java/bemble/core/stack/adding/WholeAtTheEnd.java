package bemble.core.stack.adding;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** What is written under the column on the right by a hand that comes there last: its total, whole. */
public record WholeAtTheEnd(Spot at, int total) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return total;
    }

    @Override
    public void ink(Integer whole, Ink ink) {
        ink.digit(at, whole, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
