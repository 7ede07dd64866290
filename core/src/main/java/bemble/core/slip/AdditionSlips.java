package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Placed;
import bemble.core.hand.Procedure;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.style.Way;
import java.util.List;

/** Hands that break one rule of addition. */
final class AdditionSlips {
    private AdditionSlips() {}

    /** Never adds a carry. */
    static class CarryForgotten implements Hand {
        @Override
        public int total(List<Integer> digits, int carryIn) {
            return Hand.super.total(digits, 0);
        }
    }

    /** Writes every column's whole total in the answer line. */
    static class BothDigitsWritten implements Hand {
        @Override
        public int digit(int total) {
            return total;
        }

        @Override
        public int carry(int total) {
            return 0;
        }

        @Override
        public int lastDigit(int total) {
            return total;
        }

        @Override
        public int inFront(int lastTotal) {
            return 0;
        }
    }

    /** Writes the tens digit of a total and carries its ones digit. */
    static class CarrySwapped implements Hand {
        @Override
        public int digit(int total) {
            return hasTwoDigits(total) ? total / 10 : Hand.super.digit(total);
        }

        @Override
        public int carry(int total) {
            return hasTwoDigits(total) ? total % 10 : Hand.super.carry(total);
        }

        private static boolean hasTwoDigits(int total) {
            return total >= 10 && total < 100;
        }
    }

    /** Leaves off the carry out of the last column. */
    static class LastCarryLost implements Hand {
        @Override
        public int inFront(int lastTotal) {
            return 0;
        }
    }

    /** Lines the numbers up at their left ends. */
    static class LinedUpLeft implements Hand {
        @Override
        public List<Placed> lineUp(List<Numeral> numbers) {
            int longest = numbers.stream().mapToInt(Numeral::highest).max().orElseThrow();
            return numbers.stream().map(number -> new Placed(number, longest - number.highest())).toList();
        }
    }

    /** Carries 1 out of a column whose total is below 10. */
    static class NeedlessCarry implements Hand {
        @Override
        public int carry(int total) {
            return total < 10 ? 1 : Hand.super.carry(total);
        }
    }

    /** Stops where the shorter of two numbers ends, and loses that carry. */
    static class LoneDigitDropped implements Hand {
        @Override
        public int lastPlace(List<Placed> numbers) {
            if (numbers.size() != 2 || numbers.get(0).highest() == numbers.get(1).highest()) {
                throw new Stuck("there are not two numbers of unlike length");
            }
            return Math.min(numbers.get(0).highest(), numbers.get(1).highest());
        }

        @Override
        public int inFront(int lastTotal) {
            return 0;
        }
    }

    /** Takes the smaller number from the larger. */
    static class SubtractedInstead implements Hand {
        @Override
        public Procedure procedure(Procedure asked) {
            List<Numeral> numbers = asked.problem().operands();
            if (numbers.size() != 2) {
                throw new Stuck("there are more than two numbers");
            }
            boolean inOrder = numbers.get(0).compareTo(numbers.get(1)) >= 0;
            return new Procedure(new Subtraction(numbers.get(inOrder ? 0 : 1), numbers.get(inOrder ? 1 : 0)),
                    Way.DECOMPOSITION);
        }
    }
}
