package bemble.core.stack.adding;

import bemble.core.hand.Question;
import bemble.core.stack.Placed;
import bemble.core.stack.Stack;
import java.util.List;

/** Which column is the last that is worked, as a place. */
public record LastColumn(List<Placed> numbers) implements Question<Integer> {
    @Override
    public Integer careful() {
        return new Stack(numbers).highest();
    }
}
