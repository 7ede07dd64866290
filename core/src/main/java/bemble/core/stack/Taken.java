package bemble.core.stack;

import bemble.core.hand.Question;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.Slip;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Which of the numbers that stand there are added, and as what.
 *
 * @param numbers as they stand, from top to bottom
 */
public record Taken(List<Placed> numbers) implements Question<List<Placed>> {
    @Override
    public List<Placed> careful() {
        return numbers;
    }

    /** Adds all numbers but that one, counted from 0; the last one where it is negative. */
    public static Slip without(int which) {
        return only(numbers -> {
            List<Placed> left = new ArrayList<>(numbers);
            left.remove(which < 0 ? numbers.size() - 1 : which);
            return left;
        }, which);
    }

    /** A hand for each of so many numbers, which adds all but that one. */
    public static List<Slip> withoutEach(int count) {
        return IntStream.range(0, count).mapToObj(Taken::without).toList();
    }

    /** Takes one of several numbers for the answer, and adds nothing; the last one where it is negative. */
    public static Slip onlyOne(int which) {
        return only(numbers -> List.of(numbers.get(which < 0 ? numbers.size() - 1 : which)), which);
    }

    private static Slip only(Function<List<Placed>, List<Placed>> taken, int which) {
        return Slip.at(Taken.class, (q, hand) -> {
            if (q.numbers().size() < 2 || which >= q.numbers().size()) {
                throw new Stuck("there is no such number");
            }
            return taken.apply(q.numbers());
        });
    }
}
