package bemble.core.rule;

import bemble.core.hand.slipped.Slip;

/** One rule: a decision of some kind decided otherwise, always or under some circumstance. */
public record Clause<Q>(Theme<Q> theme, Turn<Q> turn, Guard<Q> guard) {
    /** Its text, such as {@code difference=upper@upper-0}. */
    public String text() {
        return theme.id() + "=" + turn.id() + (guard.id().isEmpty() ? "" : "@" + guard.id());
    }

    /** What the hand does, to follow “the hand …”. */
    public String words() {
        return guard.words().isEmpty() ? turn.words() : turn.words() + " " + guard.words();
    }

    /** The hand that does so. */
    public Slip slip() {
        return Slip.in(chosen -> turn.slip().apply(question -> guard.holds().test(question, chosen.problem())));
    }

    /** Whether it holds only under some circumstance, and so says more. */
    public boolean isGuarded() {
        return !guard.id().isEmpty();
    }
}
