package bemble.core.stack;

import bemble.core.problem.Numeral;
import java.util.ArrayList;
import java.util.List;

/** Numbers standing under each other, ready to be worked column by column. */
public record Stack(List<Placed> numbers) {
    /** Numbers set out rightly, ones under ones. */
    public static Stack of(List<Numeral> numbers) {
        List<Placed> placed = new ArrayList<>(numbers.size());
        for (Numeral number : numbers) {
            placed.add(new Placed(number, 0));
        }
        return new Stack(placed);
    }

    public int lowest() {
        int lowest = Integer.MAX_VALUE;
        for (Placed number : numbers) {
            lowest = Math.min(lowest, number.lowest());
        }
        return lowest;
    }

    public int highest() {
        int highest = Integer.MIN_VALUE;
        for (Placed number : numbers) {
            highest = Math.max(highest, number.highest());
        }
        return highest;
    }

    /** The digits in the column of that place, 0 where it is empty, top to bottom. */
    public List<Integer> paddedAt(int place) {
        return numbers.stream().map(number -> number.digit(place)).toList();
    }

    /** The digits present in the column of that place, top to bottom. */
    public List<Integer> digitsAt(int place) {
        List<Integer> digits = new ArrayList<>(numbers.size());
        for (Placed number : numbers) {
            if (number.has(place)) {
                digits.add(number.digit(place));
            }
        }
        return digits;
    }
}
