package bemble.core.method;

import bemble.core.hand.Placed;
import java.util.List;

/** Numbers standing under each other, ready to be worked column by column. */
record Stack(List<Placed> numbers) {
    int lowest() {
        return numbers.stream().mapToInt(Placed::lowest).min().orElseThrow();
    }

    int highest() {
        return numbers.stream().mapToInt(Placed::highest).max().orElseThrow();
    }

    /** The digits present in the column of that place, top to bottom. */
    List<Integer> digitsAt(int place) {
        return numbers.stream().filter(number -> number.has(place)).map(number -> number.digit(place)).toList();
    }
}
