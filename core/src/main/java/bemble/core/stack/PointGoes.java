package bemble.core.stack;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.slipped.Slip;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.util.List;

/**
 * After which place of an answer with decimals the point is written.
 *
 * @param sign the point as the style writes it
 * @param lowest the place of the answer's last digit
 */
public record PointGoes(Block block, Line line, char sign, int lowest) implements Question<Integer> {
    /** The point is left out. */
    public static final int NOWHERE = Integer.MIN_VALUE;

    @Override
    public Integer careful() {
        return 0;
    }

    @Override
    public boolean belongs(Integer place) {
        return place != NOWHERE;
    }

    @Override
    public void ink(Integer place, Ink ink) {
        if (place != NOWHERE) {
            ink.point(block, line, place, sign, Role.WRITTEN);
        }
    }

    /** Leaves the point out. */
    public static Slip leftOut() {
        return Slip.at(PointGoes.class, (q, hand) -> NOWHERE);
    }

    /** Writes the point one place too far to the left, or to the right: a hand for each. */
    public static List<Slip> moved() {
        return List.of(Slip.at(PointGoes.class, (q, hand) -> 1),
                Slip.at(PointGoes.class, (q, hand) -> q.lowest() < -1 ? -1 : null));
    }
}
