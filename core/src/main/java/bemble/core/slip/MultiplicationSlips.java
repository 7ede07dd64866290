package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Procedure;
import bemble.core.problem.Numeral;
import bemble.core.style.Way;
import java.util.List;

/** Hands that break one rule of long multiplication. */
final class MultiplicationSlips {
    private MultiplicationSlips() {}

    /** Writes every row from the ones column. */
    static class PlaceholderForgotten implements Hand {
        @Override
        public int placeholders(int place) {
            return 0;
        }
    }

    /** Never adds a carry inside a row. */
    static class CarryForgotten implements Hand {
        @Override
        public int withCarry(int digit, int top, int product, int carryIn) {
            return product;
        }
    }

    /** Adds the carry to the top digit before multiplying it. */
    static class CarryAddedFirst implements Hand {
        @Override
        public int withCarry(int digit, int top, int product, int carryIn) {
            return digit * (top + carryIn);
        }
    }

    /** Takes n × 0 and 0 × n to be n. */
    static class ZeroKeepsTheDigit implements Hand {
        @Override
        public int product(int digit, int other) {
            return digit == 0 || other == 0 ? digit + other : Hand.super.product(digit, other);
        }

        @Override
        public boolean isZeroRow(int digit, Numeral top) {
            return digit == 0 && top.isZero();
        }
    }

    /** Multiplies only ones by ones, tens by tens and so on. */
    static class MatchingColumnsOnly implements Hand {
        @Override
        public Procedure procedure(Procedure asked) {
            return new Procedure(asked.problem(), Way.MATCHING_COLUMNS);
        }
    }

    /** Adds the rows without carries. */
    static class SumCarryForgotten implements Hand {
        @Override
        public int total(List<Integer> digits, int carryIn) {
            return Hand.super.total(digits, 0);
        }
    }
}
