package bemble.core.slip;

import bemble.core.hand.Exchange;
import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.hand.Procedure;
import bemble.core.hand.TopFigures;
import bemble.core.problem.Numeral;
import bemble.core.working.Role;
import bemble.core.working.Watch;
import java.math.BigInteger;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A hand that is watched: each of its decisions is held against the careful one in the same state, which tells the
 * broken rule itself from what merely follows.
 */
final class Watched implements Hand, Watch {
    private final Hand hand;
    /** The roles of the marks in which a broken decision will show. */
    private final Set<Role> broken = EnumSet.noneOf(Role.class);

    Watched(Hand hand) {
        this.hand = hand;
    }

    @Override
    public boolean shows(Role role) {
        return broken.remove(role);
    }

    @Override
    public void columnBegins() {
        broken.remove(Role.CARRY);
    }

    private <T> T seen(T decided, T careful, Role role) {
        if (!decided.equals(careful)) {
            broken.add(role);
        }
        return decided;
    }

    @Override
    public Procedure procedure(Procedure asked) {
        return hand.procedure(asked);
    }

    @Override
    public List<Placed> lineUp(List<Numeral> numbers) {
        return hand.lineUp(numbers);
    }

    @Override
    public int lastPlace(List<Placed> numbers) {
        return hand.lastPlace(numbers);
    }

    @Override
    public int total(List<Integer> digits, int carryIn) {
        return seen(hand.total(digits, carryIn), CAREFUL.total(digits, carryIn), Role.WRITTEN);
    }

    @Override
    public int digit(int total) {
        return seen(hand.digit(total), CAREFUL.digit(total), Role.WRITTEN);
    }

    @Override
    public int lastDigit(int total) {
        return seen(hand.lastDigit(total), CAREFUL.lastDigit(total), Role.WRITTEN);
    }

    @Override
    public int carry(int total) {
        return seen(hand.carry(total), CAREFUL.carry(total), Role.CARRY);
    }

    @Override
    public int inFront(int lastTotal) {
        return hand.inFront(lastTotal);
    }

    @Override
    public boolean needsTen(int top, int bottom, boolean untouched) {
        return hand.needsTen(top, bottom, untouched);
    }

    @Override
    public int difference(int top, int bottom, boolean untouched) {
        return seen(hand.difference(top, bottom, untouched), CAREFUL.difference(top, bottom, untouched), Role.WRITTEN);
    }

    @Override
    public List<Exchange> exchanges(TopFigures tops, int place) {
        return seen(hand.exchanges(tops, place), CAREFUL.exchanges(tops, place), Role.EXCHANGE);
    }

    @Override
    public int payBack() {
        return hand.payBack();
    }

    @Override
    public int product(int digit, int other) {
        return seen(hand.product(digit, other), CAREFUL.product(digit, other), Role.WRITTEN);
    }

    @Override
    public int withCarry(int digit, int top, int product, int carryIn) {
        return seen(hand.withCarry(digit, top, product, carryIn), CAREFUL.withCarry(digit, top, product, carryIn),
                Role.WRITTEN);
    }

    @Override
    public int placeholders(int place) {
        return seen(hand.placeholders(place), CAREFUL.placeholders(place), Role.WRITTEN);
    }

    @Override
    public boolean isZeroRow(int digit, Numeral top) {
        return hand.isZeroRow(digit, top);
    }

    @Override
    public int quotientDigit(BigInteger partial, BigInteger divisor, boolean last) {
        return seen(hand.quotientDigit(partial, divisor, last), CAREFUL.quotientDigit(partial, divisor, last),
                Role.WRITTEN);
    }

    @Override
    public boolean writesDigit(int digit, boolean first) {
        return hand.writesDigit(digit, first);
    }

    @Override
    public boolean writesRemainder() {
        return hand.writesRemainder();
    }

    @Override
    public BigInteger doubled(BigInteger root) {
        return seen(hand.doubled(root), CAREFUL.doubled(root), Role.WRITTEN);
    }

    @Override
    public int rootDigit(BigInteger current, BigInteger doubled) {
        return seen(hand.rootDigit(current, doubled), CAREFUL.rootDigit(current, doubled), Role.WRITTEN);
    }

    @Override
    public BigInteger beside(BigInteger doubled, int digit) {
        return hand.beside(doubled, digit);
    }
}
