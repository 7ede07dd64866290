package bemble.core.addition;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import org.jspecify.annotations.Nullable;

/**
 * What so many of a place are worth.
 *
 * @param block where it is written, or null where it is kept in the head
 * @param count how many
 * @param point the sign before the decimals
 */
record PartValue(@Nullable Block block, Line line, int place, int count, char point) implements Question<Numeral> {
    @Override
    public Numeral careful() {
        return place >= 0 ? Numeral.of(count + "0".repeat(place)) : Numeral.ofDigits(Integer.toString(count), -place);
    }

    @Override
    public void ink(Numeral value, Ink ink) {
        write(block, line, value, point, ink);
    }

    /** A number in a line of its own; nothing where it is kept in the head. */
    static void write(@Nullable Block block, Line line, Numeral value, char point, Ink ink) {
        if (block == null) {
            return;
        }
        ink.digits(block, line, value, value.lowest(), Role.WRITTEN);
        if (!value.isWhole()) {
            ink.point(block, line, point, Role.WRITTEN);
        }
    }

    @Override
    public @Nullable Numeral read(Reading paper) {
        return block == null ? null : PaperNumbers.read(paper, block, line, Math.min(0, place));
    }
}
