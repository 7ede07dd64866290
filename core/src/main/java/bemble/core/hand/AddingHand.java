package bemble.core.hand;

import bemble.core.problem.Numeral;
import java.util.List;

/** The decisions of an addition; those given here are the careful ones. */
public interface AddingHand {
    /** Where each number's digits go: ones under ones. */
    default List<Placed> lineUp(List<Numeral> numbers) {
        return numbers.stream().map(number -> new Placed(number, 0)).toList();
    }

    /** The place of the last column that is worked. */
    default int lastPlace(List<Placed> numbers) {
        return numbers.stream().mapToInt(Placed::highest).max().orElseThrow();
    }

    /** A column's total. */
    default int total(List<Integer> digits, int carryIn) {
        return digits.stream().mapToInt(Integer::intValue).sum() + carryIn;
    }

    /** The digit written under a column that is not the last. */
    default int digit(int total) {
        return total % 10;
    }

    /** What is carried out of a column that is not the last. */
    default int carry(int total) {
        return total / 10;
    }

    /** The digit written under the last column. */
    default int lastDigit(int total) {
        return total % 10;
    }

    /** What is written in front of the last column's digit. */
    default int inFront(int lastTotal) {
        return lastTotal / 10;
    }
}
