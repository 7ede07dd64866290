package bemble.core.stack;

import static bemble.core.hand.Slip.at;

import bemble.core.hand.Slip;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Numbers copied or set out otherwise than they are given: the slips that every operation shares. */
public final class CopySlips {
    /** What helps a pupil who copies digits the other way round. */
    public static final String READ_BACK = "Read each number back aloud from the paper before beginning.";
    /** What helps a pupil who lines numbers up by their ends. */
    public static final String HEADS = "Column heads over the squares; ones go under ones, point under point.";

    private CopySlips() {}

    /** Lines the numbers up at their left ends; the empty places on the right count 0. */
    public static Slip linedUpLeft() {
        return at(LineUp.class, (q, hand) -> {
            int longest = q.numbers().stream().mapToInt(Numeral::highest).max().orElseThrow();
            return q.numbers().stream().map(number -> new Placed(number, longest - number.highest())).toList();
        });
    }

    /** Lines numbers with decimals up at their right ends, whatever the point. */
    public static Slip linedUpRight() {
        return at(LineUp.class, (q, hand) -> {
            int lowest = q.numbers().stream().mapToInt(Numeral::lowest).min().orElseThrow();
            return q.numbers().stream().map(number -> new Placed(number, lowest - number.lowest())).toList();
        });
    }

    /** Two digits next to each other copied the other way round: a hand for every two in every number. */
    public static List<Slip> turnedDigits(Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (Numeral number : problem.operands()) {
            for (int place = number.lowest(); place < number.highest(); place++) {
                if (number.digit(place) != number.digit(place + 1)) {
                    slips.add(turned(number, place));
                }
            }
        }
        return slips;
    }

    /** One number copied with two digits the other way round. */
    private static Slip turned(Numeral number, int place) {
        return copied(given -> given.equals(number) ? swapped(given, place) : given);
    }

    /** The last two digits of the first number copied the other way round. */
    public static Slip turnedAtTheEnd() {
        return at(LineUp.class, (q, hand) -> {
            List<Placed> placed = new ArrayList<>(hand.decide(q));
            Numeral first = q.numbers().get(0);
            if (first.length() < 2) {
                throw new Stuck("there are no two digits");
            }
            placed.set(0, new Placed(swapped(first, first.lowest()), 0));
            return placed;
        });
    }

    /** Every number copied in some way, in its right place. */
    public static Slip copied(UnaryOperator<Numeral> copy) {
        return at(LineUp.class, (q, hand) -> q.numbers().stream().map(number -> new Placed(copy.apply(number), 0)).toList());
    }

    private static Numeral swapped(Numeral number, int place) {
        StringBuilder digits = new StringBuilder(number.digits());
        int right = number.highest() - place;
        digits.setCharAt(right, number.digits().charAt(right - 1));
        digits.setCharAt(right - 1, number.digits().charAt(right));
        return Numeral.ofDigits(digits.toString(), number.decimals());
    }
}
