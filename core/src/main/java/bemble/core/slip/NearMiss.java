package bemble.core.slip;

import bemble.core.hand.Hand;
import java.util.List;

/** Gets one single fact wrong: a sum or difference by 1, a product by one group. */
final class NearMiss implements Hand {
    private final int which;
    private final int by;
    private int facts;

    /**
     * @param which the number of the fact that goes wrong, from 0 in the order of writing
     * @param by 1 for too much, -1 for too little
     */
    NearMiss(int which, int by) {
        this.which = which;
        this.by = by;
    }

    /** How many facts have been asked for so far. */
    int facts() {
        return facts;
    }

    @Override
    public int total(List<Integer> digits, int carryIn) {
        return missed(Hand.super.total(digits, carryIn), 1);
    }

    @Override
    public int difference(int top, int bottom, boolean untouched) {
        return missed(Hand.super.difference(top, bottom, untouched), 1);
    }

    @Override
    public int product(int digit, int other) {
        return missed(Hand.super.product(digit, other), digit);
    }

    /** A result that is wrong by a group where its fact is the one; never below 0. */
    private int missed(int right, int group) {
        return facts++ == which && right + by * group >= 0 ? right + by * group : right;
    }
}
