package bemble.core.stack;

import bemble.core.hand.Question;
import java.util.List;

/** Which column is the last that is worked, as a place. */
public record LastColumn(List<Placed> numbers) implements Question<Integer> {
    @Override
    public Integer careful() {
        return new Stack(numbers).highest();
    }
}
