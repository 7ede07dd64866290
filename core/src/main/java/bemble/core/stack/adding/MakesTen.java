package bemble.core.stack.adding;

import bemble.core.hand.Question;
import java.util.List;

/** Whether a column comes to ten or more; asked aloud before it is added, and nothing is written for it. */
record MakesTen(int place, List<Integer> digits, int carryIn) implements Question<Boolean> {
    MakesTen {
        digits = List.copyOf(digits);
    }

    @Override
    public Boolean careful() {
        return digits.stream().mapToInt(digit -> digit).sum() + carryIn >= 10;
    }
}
