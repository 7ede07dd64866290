package bemble.core.stack;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/** The digit that is brought down beside what is left. */
public record BroughtDown(Spot at, int digit) implements Question<Integer> {
    @Override
    public int place() {
        return at.place();
    }

    @Override
    public Integer careful() {
        return digit;
    }

    @Override
    public void ink(Integer brought, Ink ink) {
        ink.digit(at, brought, Role.WRITTEN);
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return paper.digit(at);
    }
}
