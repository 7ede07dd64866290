package bemble.core.stack.adding;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.stack.Jot;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A column's total.
 *
 * @param digits those present, top to bottom
 * @param shown the same with zeros that fill empty places
 * @param carryIn what came from the column before
 * @param jot where the total is jotted beside the sum, or null
 */
public record Total(int place, List<Integer> digits, List<Integer> shown, int carryIn, @Nullable Jot jot)
        implements FactQuestion<Integer> {
    /** A column in which no empty place is filled. */
    public Total(int place, List<Integer> digits, int carryIn) {
        this(place, digits, digits, carryIn, null);
    }

    @Override
    public Integer careful() {
        int total = carryIn;
        for (int digit : digits) {
            total += digit;
        }
        return total;
    }

    /** The same column without its carry. */
    public Total withoutCarry() {
        return new Total(place, digits, shown, 0, jot);
    }

    /** The same column with other digits in it. */
    public Total with(List<Integer> otherDigits, int otherCarry) {
        return new Total(place, otherDigits, otherDigits, otherCarry, jot);
    }

    /** A total that lacks just its carry is a carry lost, and no fact missed. */
    @Override
    public @Nullable Integer missed(Integer decided, int by) {
        boolean carryLost = carryIn > 0 && decided.equals(careful()) && by == -carryIn;
        return decided + by < 0 || carryLost ? null : decided + by;
    }

    @Override
    public @Nullable String fact() {
        List<Integer> terms = new ArrayList<>(digits);
        if (carryIn > 0) {
            terms.add(carryIn);
        }
        terms.sort(Comparator.reverseOrder());
        while (terms.size() > 2 && terms.get(terms.size() - 1) == 0) {
            terms.remove(terms.size() - 1);
        }
        return terms.size() < 2 ? null : String.join("+", terms.stream().map(String::valueOf).toList());
    }

    @Override
    public boolean isWorked() {
        return digits.size() + (carryIn > 0 ? 1 : 0) > 1;
    }

    @Override
    public void ink(Integer total, Ink ink) {
        if (jot == null || total < jot.least()) {
            return;
        }
        int sum = jot.terms().stream().mapToInt(Integer::intValue).sum();
        int before = 0;
        for (int i = 0; sum == total && i < jot.terms().size() - 1; i++) {
            before += jot.terms().get(i);
            put(jot, jot.terms().size() - 1 - i, before, ink);
        }
        put(jot, 0, total, ink);
    }

    private static void put(Jot jot, int place, int total, Ink ink) {
        ink.put(new Figure(MarkKind.DIGIT, jot.at().block().at(jot.at().line(), place), null, Integer.toString(total),
                Role.JOT, Size.SMALL, Anchor.MIDDLE, !jot.stays()));
    }

    @Override
    public @Nullable Integer read(Reading paper) {
        return jot == null || !jot.stays() ? null : paper.number(jot.at(), Anchor.MIDDLE);
    }
}
