package bemble.core.addition;

import static bemble.core.hand.Slip.at;

import bemble.core.hand.KnownSlip.Met;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.stack.Carry;
import bemble.core.stack.Digit;
import bemble.core.stack.InFront;
import bemble.core.stack.LastColumn;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.stack.Total;
import bemble.core.style.MethodName;
import java.util.List;

/** The slips of addition: each is a hand that decides one kind of thing otherwise. */
public final class AdditionSlips {
    /** Lines the numbers up at their left ends; the empty places on the right count 0. */
    public static final Slip LINED_UP_LEFT = at(LineUp.class, (q, hand) -> linedUpLeft(q.numbers()));

    public static final List<KnownSlip> ALL = List.of(
            slip("carry-forgotten", "never adds a carry", Met.OFTEN,
                    "Lay the sum with blocks and trade ten ones for a ten; the ten stands in the next column and is counted there.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip("both-digits-written", "writes every total whole", Met.OFTEN,
                    "Blocks beside the paper: one digit a square; ten of a place do not fit and go to the next.",
                    at(Digit.class, (q, hand) -> q.total())
                            .and(at(Carry.class, (q, hand) -> 0)).and(at(InFront.class, (q, hand) -> 0))),
            slip("carry-swapped", "writes the tens digit and carries the ones digit", Met.SOMETIMES,
                    "Say each total as tens and ones before writing: 15 ones are 1 ten and 5 ones.",
                    at(Digit.class, (q, hand) -> !q.last() && hasTwoDigits(q.total()) ? q.total() / 10 : null)
                            .and(at(Carry.class, (q, hand) -> hasTwoDigits(q.total()) ? q.total() % 10 : null))),
            slip("last-carry-lost", "leaves off the last carry", Met.SOMETIMES,
                    "Estimate first: the sum needs a new place. The last total is written whole.",
                    at(InFront.class, (q, hand) -> 0)),
            slip("lined-up-left", "lines the numbers up at the left", Met.OFTEN,
                    "Column heads over the squares; ones go under ones.", LINED_UP_LEFT),
            slip("needless-carry", "carries 1 where there is nothing to carry", Met.SOMETIMES,
                    "Ten frames: only a full frame is traded.",
                    at(Carry.class, (q, hand) -> q.total() < 10 ? 1 : null)),
            slip("lone-digit-dropped", "stops where the shorter number ends", Met.OFTEN,
                    "Write a 0 into the empty places for a while.",
                    at(LastColumn.class, (q, hand) -> shorterEnd(q.numbers())).and(at(InFront.class, (q, hand) -> 0))));

    private AdditionSlips() {}

    private static KnownSlip slip(String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, MethodName.COLUMN, label, met, help, slip);
    }

    private static boolean hasTwoDigits(int total) {
        return total >= 10 && total < 100;
    }

    private static List<Placed> linedUpLeft(List<Numeral> numbers) {
        int longest = numbers.stream().mapToInt(Numeral::highest).max().orElseThrow();
        return numbers.stream().map(number -> new Placed(number, longest - number.highest())).toList();
    }

    private static int shorterEnd(List<Placed> numbers) {
        if (numbers.size() != 2 || numbers.get(0).highest() == numbers.get(1).highest()) {
            throw new Stuck("there are not two numbers of unlike length");
        }
        return Math.min(numbers.get(0).highest(), numbers.get(1).highest());
    }
}
