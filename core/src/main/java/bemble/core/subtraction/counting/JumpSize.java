package bemble.core.subtraction.counting;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * How long a jump is; written over its arc and as a number to be added.
 *
 * @param number which jump it is, from 1
 * @param point the sign before the decimals
 */
public record JumpSize(NumberLine line, Block sizes, Line row, int number, Numeral from, Numeral to, char point)
        implements FactQuestion<Numeral> {
    @Override
    public @Nullable Numeral careful() {
        return to.compareTo(from) < 0 ? null : of(to.value().subtract(from.value()));
    }

    private Numeral of(BigDecimal value) {
        return Numeral.of(value.setScale(to.decimals()).toPlainString());
    }

    @Override
    public @Nullable Numeral missed(Numeral decided, int by) {
        BigDecimal missed = decided.value().add(BigDecimal.valueOf(by));
        return missed.signum() < 0 ? null : of(missed);
    }

    @Override
    public void ink(Numeral size, Ink ink) {
        line.size(number, size, ink);
        ink.digits(sizes, row, size, size.lowest(), Role.WRITTEN);
        if (!size.isWhole()) {
            ink.point(sizes, row, point, Role.WRITTEN);
        }
    }

    @Override
    public @Nullable Numeral read(Reading paper) {
        return PaperNumbers.read(paper, sizes, row, -to.decimals());
    }
}
