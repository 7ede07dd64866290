package bemble.core.slip;

import bemble.core.hand.Exchange;
import bemble.core.hand.Hand;
import bemble.core.hand.Procedure;
import bemble.core.hand.Stuck;
import bemble.core.hand.TopFigures;
import bemble.core.problem.Problem.Addition;
import bemble.core.style.Way;
import java.util.ArrayList;
import java.util.List;

/** Hands that break one rule of subtraction. */
final class SubtractionSlips {
    private SubtractionSlips() {}

    /** Takes the smaller digit from the larger in every column. */
    static class SmallerFromLarger implements Hand {
        @Override
        public boolean needsTen(int top, int bottom, boolean untouched) {
            return false;
        }

        @Override
        public int difference(int top, int bottom, boolean untouched) {
            return Math.abs(top - bottom);
        }
    }

    /** Adds ten to the top digit and never lowers the neighbour, or never pays back. */
    static class ExchangeNotPaid implements Hand {
        @Override
        public List<Exchange> exchanges(TopFigures tops, int place) {
            int beside = tops.at(place + 1);
            return List.of(new Exchange(place + 1, place, beside, beside, tops.at(place), tops.at(place) + 10));
        }

        @Override
        public int payBack() {
            return 0;
        }
    }

    /** Where the top digit is an untouched 0 that is too small, writes something at once. */
    private abstract static class AtUntouchedZero implements Hand {
        abstract int written(int bottom);

        @Override
        public boolean needsTen(int top, int bottom, boolean untouched) {
            return !(untouched && top == 0) && Hand.super.needsTen(top, bottom, untouched);
        }

        @Override
        public int difference(int top, int bottom, boolean untouched) {
            return untouched && top == 0 && bottom > 0 ? written(bottom) : Hand.super.difference(top, bottom, untouched);
        }
    }

    /** Writes the bottom digit under an untouched 0. */
    static class ZeroTakesTheDigit extends AtUntouchedZero {
        @Override
        int written(int bottom) {
            return bottom;
        }
    }

    /** Writes 0 under an untouched 0. */
    static class ZeroGivesZero extends AtUntouchedZero {
        @Override
        int written(int bottom) {
            return 0;
        }
    }

    /** Turns zeros into 9 and takes the ten, but never lowers the digit beyond them. */
    static class NinesForFree implements Hand {
        @Override
        public List<Exchange> exchanges(TopFigures tops, int place) {
            List<Exchange> exchanges = new ArrayList<>(Hand.super.exchanges(tops, place));
            if (exchanges.size() > 1) {
                Exchange first = exchanges.get(0);
                exchanges.set(0, new Exchange(first.from(), first.to(), first.fromBefore(), first.fromBefore(),
                        first.toBefore(), first.toAfter()));
            }
            return exchanges;
        }
    }

    /** Takes the ten straight from the nearest digit that is not 0; the zeros between stay 0. */
    static class ZerosSkipped implements Hand {
        @Override
        public List<Exchange> exchanges(TopFigures tops, int place) {
            int from = place + 1;
            while (tops.at(from) == 0) {
                if (++from > tops.highest()) {
                    throw new Stuck("no digit is left to take a ten from");
                }
            }
            return List.of(new Exchange(from, place, tops.at(from), tops.at(from) - 1, tops.at(place),
                    tops.at(place) + 10));
        }
    }

    /** Adds. */
    static class AddedInstead implements Hand {
        @Override
        public Procedure procedure(Procedure asked) {
            return new Procedure(new Addition(asked.problem().operands()), Way.COLUMN);
        }
    }
}
