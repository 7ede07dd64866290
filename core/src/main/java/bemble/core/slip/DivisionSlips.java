package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import java.math.BigInteger;

/** Hands that break one rule of long division or of a square root. */
final class DivisionSlips {
    private DivisionSlips() {}

    /** Writes no 0 in a quotient or a root after its first digit. */
    static class ZeroForgotten implements Hand {
        @Override
        public boolean writesDigit(int digit, boolean first) {
            return first || digit != 0;
        }
    }

    /** Leaves the remainder off. */
    static class RemainderForgotten implements Hand {
        @Override
        public boolean writesRemainder() {
            return false;
        }
    }

    /** Takes the last quotient digit one too small. */
    static class DigitOneShort implements Hand {
        @Override
        public int quotientDigit(BigInteger partial, BigInteger divisor, boolean last) {
            int digit = Hand.super.quotientDigit(partial, divisor, last);
            if (last && digit == 0) {
                throw new Stuck("the last digit is 0 already");
            }
            return last ? digit - 1 : digit;
        }
    }

    /** Uses the root so far, not its double. */
    static class RootNotDoubled implements Hand {
        @Override
        public BigInteger doubled(BigInteger root) {
            return root;
        }
    }

    /** From the second stage on, multiplies the doubled root with a 0 beside it instead of the digit. */
    static class DigitNotSetBeside implements Hand {
        @Override
        public BigInteger beside(BigInteger doubled, int digit) {
            return Hand.super.beside(doubled, doubled.signum() == 0 ? digit : 0);
        }
    }
}
