package bemble.core.subtraction.counting;

import bemble.core.hand.Ink;
import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * Where the next jump goes: to the next ten, hundred and so on, as far as they are not beyond the minuend, and then down
 * the places. Any stop is right that leads on and is not beyond the minuend.
 *
 * @param number which jump it is, from 1
 * @param decimals with how many decimals all numbers are written
 * @param sizes where the jumps are noted to be added, this one in its row
 */
record NextStop(NumberLine line, int number, Numeral at, Numeral minuend, int decimals, Block sizes,
        Line row) implements FreeQuestion<Numeral> {
    @Override
    public @Nullable Numeral careful() {
        return after(at, minuend, decimals);
    }

    /** Where a careful hand jumps to; null where there is no way to go. */
    static @Nullable Numeral after(Numeral at, Numeral minuend, int decimals) {
        BigDecimal from = at.value();
        BigDecimal to = minuend.value();
        int highest = minuend.highest() + 1;
        int place = -decimals + 1;
        while (place <= highest) {
            BigDecimal round = inUnits(from, place, RoundingMode.CEILING);
            if (round.compareTo(to) > 0) {
                break;
            }
            if (round.compareTo(from) > 0) {
                return numeral(round, decimals);
            }
            place++;
        }
        for (place = place - 1; place >= -decimals; place--) {
            BigDecimal next = inUnits(to, place, RoundingMode.FLOOR);
            if (next.compareTo(from) > 0) {
                return numeral(next, decimals);
            }
        }
        return null;
    }

    private static BigDecimal inUnits(BigDecimal value, int place, RoundingMode rounding) {
        return value.scaleByPowerOfTen(-place).setScale(0, rounding).scaleByPowerOfTen(place);
    }

    private static Numeral numeral(BigDecimal value, int decimals) {
        return Numeral.of(value.setScale(decimals).toPlainString());
    }

    @Override
    public void ink(Numeral stop, Ink ink) {
        line.label(number, stop, Role.WRITTEN, ink);
    }

    @Override
    public boolean allows(Numeral stop) {
        return stop.compareTo(at) > 0 && stop.compareTo(minuend) <= 0 && stop.decimals() == decimals;
    }

    /** As it stands at the line; where it does not, as the jump that is noted says. */
    @Override
    public @Nullable Numeral read(Reading paper) {
        String text = decimals == 0 ? paper.digits(line.labelSpot(number), Anchor.MIDDLE, 60) : null;
        if (text != null) {
            return Numeral.of(text);
        }
        Numeral size = PaperNumbers.read(paper, sizes, row, -decimals);
        Numeral stop = size == null ? null : numeral(at.value().add(size.value()), decimals);
        return stop != null && allows(stop) ? stop : null;
    }
}
