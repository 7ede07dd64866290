package bemble.core.stack.slips;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** Numbers copied or set out otherwise than they are given: the slips that every operation shares. */
public final class CopySlips {
    /** What helps a pupil who copies digits the other way round. */
    public static final String READ_BACK =
            "Read each number back aloud, digit by digit, with a finger on the paper it came from.";
    /** What helps a pupil who lines numbers up by their ends. */
    public static final String HEADS = "Column heads over the squares; ones go under ones, point under point.";

    private CopySlips() {}

    /** What helps a pupil who copies digits in another order, with problems to copy. */
    public static String readBack(String problem) {
        return READ_BACK + " Then copy " + problem + "; see whether each number is what was asked.";
    }

    /** What helps a pupil who takes one digit for another, with a problem to copy. */
    public static String lookAlike(String problem) {
        return "Let the child write those that look alike beside each other, 1 and 7, 6 and 0, 3 and 8, and read them aloud. Then copy "
                + problem + "; see which is taken for another.";
    }

    /** Lines the numbers up at their left ends; the empty places on the right count 0. */
    public static Slip linedUpLeft() {
        return at(LineUp.class, (q, hand) -> {
            int longest = q.numbers().stream().mapToInt(Numeral::highest).max().orElseThrow();
            return q.numbers().stream().map(number -> new Placed(number, longest - number.highest())).toList();
        });
    }

    /** Sets every number but the first one place too far to the left, where all are equally long; else an end leads to that. */
    public static Slip onePlaceApart() {
        return at(LineUp.class, (q, hand) -> {
            Numeral first = q.numbers().get(0);
            boolean alike = q.numbers().stream()
                    .allMatch(number -> number.highest() == first.highest() && number.lowest() == first.lowest());
            return alike && q.numbers().size() > 1 ? IntStream.range(0, q.numbers().size())
                    .mapToObj(i -> new Placed(q.numbers().get(i), i == 0 ? 0 : 1)).toList() : null;
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

    /** Digits that are taken for one another, either way. */
    private static final List<String> LOOK_ALIKE = List.of("69", "17", "38", "06", "49", "56");

    /** One digit of a number read as one that looks like it: a hand for every such digit. */
    public static List<Slip> misread(Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (Numeral number : problem.operands()) {
            for (int i = 0; i < number.digits().length(); i++) {
                for (String pair : LOOK_ALIKE) {
                    int which = pair.indexOf(number.digits().charAt(i));
                    boolean front = i == 0 && which >= 0 && pair.charAt(1 - which) == '0';
                    if (which >= 0 && !front) {
                        Numeral other = Numeral.ofDigits(number.digits().substring(0, i) + pair.charAt(1 - which)
                                + number.digits().substring(i + 1), number.decimals());
                        slips.add(copied(given -> given.equals(number) ? other : given));
                    }
                }
            }
        }
        return slips;
    }

    /** The first 6 of a number read as 9, or what looks like another digit in it. */
    public static Slip misreadFirst() {
        return at(LineUp.class, (q, hand) -> {
            for (Numeral number : q.numbers()) {
                int six = number.digits().indexOf('6');
                if (six >= 0) {
                    Numeral other = Numeral.ofDigits(number.digits().replaceFirst("6", "9"), number.decimals());
                    return q.numbers().stream().map(given -> new Placed(given.equals(number) ? other : given, 0))
                            .toList();
                }
            }
            throw new Stuck("no digit looks like another");
        });
    }

    /** Decimals set behind the point like whole numbers: the last digits under each other. */
    public static Slip decimalsAsWhole(boolean largerOnTop) {
        return at(LineUp.class, (q, hand) -> {
            int most = q.numbers().stream().mapToInt(Numeral::decimals).max().orElseThrow();
            if (q.numbers().size() != 2 || q.numbers().stream().anyMatch(Numeral::isWhole)) {
                throw new Stuck("there are no decimals on both sides");
            }
            if (q.numbers().stream().allMatch(number -> number.decimals() == most) && !largerOnTop) {
                return null;
            }
            List<String> wholes = q.numbers().stream()
                    .map(number -> number.digits().substring(0, number.length() - number.decimals())).toList();
            List<String> parts = new ArrayList<>(q.numbers().stream().map(number -> "0".repeat(most - number.decimals())
                    + number.digits().substring(number.length() - number.decimals())).toList());
            if (largerOnTop) {
                parts.sort(Comparator.reverseOrder());
            }
            List<Placed> placed = new ArrayList<>();
            for (int i = 0; i < wholes.size(); i++) {
                placed.add(new Placed(Numeral.ofDigits(wholes.get(i) + parts.get(i), most), 0));
            }
            return placed;
        });
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
        return at(LineUp.class,
                (q, hand) -> q.numbers().stream().map(number -> new Placed(copy.apply(number), 0)).toList());
    }

    private static Numeral swapped(Numeral number, int place) {
        StringBuilder digits = new StringBuilder(number.digits());
        int right = number.highest() - place;
        digits.setCharAt(right, number.digits().charAt(right - 1));
        digits.setCharAt(right - 1, number.digits().charAt(right));
        return Numeral.ofDigits(digits.toString(), number.decimals());
    }
}
