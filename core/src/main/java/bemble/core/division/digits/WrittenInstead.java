package bemble.core.division.digits;

import bemble.core.hand.Question;
import java.util.OptionalInt;

/**
 * Which digit is written in the quotient instead of the one that was found: none, but for who turns the quotient round.
 *
 * @param place the place of the quotient
 */
public record WrittenInstead(int place) implements Question<OptionalInt> {
    @Override
    public OptionalInt careful() {
        return OptionalInt.empty();
    }
}
