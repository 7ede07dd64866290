package bemble.core.stack.adding;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * What is written in front of the last column's digit.
 *
 * @param at the square just in front
 * @param waiting what was carried past the last column
 * @param ofProduct whether it is a row of products, not a sum
 */
public record InFront(Spot at, int total, int waiting, boolean ofProduct) implements Question<Integer> {
    @Override
    public int place() {
        return at.place() - 1;
    }

    @Override
    public Integer careful() {
        return total / 10 + waiting;
    }

    @Override
    public void ink(Integer figures, Ink ink) {
        if (figures > 0) {
            ink.digits(at.block(), at.line(), Numeral.of(Integer.toString(figures)), at.place(), Role.WRITTEN);
        }
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        StringBuilder digits = new StringBuilder();
        for (int place = at.place(); paper.digit(at.block().at(at.line(), place)) != null
                && digits.length() < 6; place++) {
            digits.insert(0, paper.digit(at.block().at(at.line(), place)));
        }
        return digits.length() == 0 || digits.length() > 6 ? null : Integer.valueOf(digits.toString());
    }
}
