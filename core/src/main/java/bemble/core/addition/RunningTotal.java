package bemble.core.addition;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.stack.PaperNumbers;
import bemble.core.working.Block;
import bemble.core.working.Line;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What all places so far are worth together, said from the left.
 *
 * @param block where it is written, or null where it is kept in the head
 * @param n which part it is that is added on, the first being 0
 * @param last whether no place is left
 * @param point the sign before the decimals
 */
record RunningTotal(@Nullable Block block, Line line, int place, int n, boolean last, Numeral before, Numeral part,
        char point)
        implements FactQuestion<Numeral> {
    @Override
    public Numeral careful() {
        return numeral(before.value().add(part.value()));
    }

    @Override
    public @Nullable Numeral missed(Numeral decided, int by) {
        BigDecimal missed = decided.value().add(BigDecimal.valueOf(by).scaleByPowerOfTen(place));
        return missed.signum() < 0 ? null : numeral(missed);
    }

    /** With the decimals that its place has. */
    private Numeral numeral(BigDecimal value) {
        return Numeral.of(value.setScale(Math.max(0, -place)).toPlainString());
    }

    @Override
    public boolean isWorked() {
        return !before.isZero() && !part.isZero();
    }

    @Override
    public void ink(Numeral value, Ink ink) {
        PartValue.write(block, line, value, point, ink);
    }

    @Override
    public @Nullable Numeral read(Reading paper) {
        return block == null ? null : PaperNumbers.read(paper, block, line, Math.min(0, place));
    }

    /** Adds every part on but that one, counted from 0; the last one where it is negative. */
    static Slip without(int which) {
        return Slip.at(RunningTotal.class,
                (q, hand) -> (which < 0 ? q.last() : q.n() == which) ? q.numeral(q.before().value()) : null);
    }
}
