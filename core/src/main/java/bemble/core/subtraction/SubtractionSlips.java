package bemble.core.subtraction;

import static bemble.core.hand.Slip.at;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.KnownSlip.Met;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.problem.Numeral;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.style.MethodName;
import java.util.List;

/** The slips of subtraction: each is a hand that decides one kind of thing otherwise. */
public final class SubtractionSlips {
    private static final Slip TURNED_ROUND = at(NeedsTen.class, (q, hand) -> false)
            .and(at(Difference.class, (q, hand) -> Math.abs(q.top() - q.away())));
    private static final Slip NOT_PAID = at(Giver.class, (q, hand) -> q.place() + 1)
            .and(at(Lowered.class, (q, hand) -> q.before())).and(at(OneBelow.class, (q, hand) -> 0));
    /** Lines the numbers up at their left ends; the empty places on the right count 0. */
    private static final Slip LINED_UP_LEFT = at(LineUp.class, (q, hand) -> linedUpLeft(q.numbers()));

    public static final List<KnownSlip> ALL = List.of(
            both("smaller-from-larger", "turns the column round where the top digit is too small", Met.OFTEN,
                    "Blocks: 2 ones lie there and 8 are to go; a ten has to be broken first.", TURNED_ROUND),
            both("exchange-not-paid", "takes the ten and does not pay for it", Met.OFTEN,
                    "In values beside the paper: 50 + 2 = 40 + 12; what is got here is gone there.", NOT_PAID),
            exchange("zero-takes-the-digit", "under a 0 writes the lower digit", Met.OFTEN,
                    "Ask with the number line how far it is; 0 take away 4 is not 4.",
                    underZero().and(at(Difference.class, (q, hand) -> isStuckZero(q) ? q.away() : null))),
            exchange("zero-gives-zero", "under a 0 writes 0", Met.OFTEN,
                    "Blocks: nothing lies there, and something is to go; break a ten.",
                    underZero().and(at(Difference.class, (q, hand) -> isStuckZero(q) ? 0 : null))),
            exchange("nines-for-free", "turns zeros into nines and pays nothing", Met.SOMETIMES,
                    "Write the exchange in values: 400 = 300 + 90 + 10.",
                    at(Lowered.class, (q, hand) -> q.first() && q.place() > q.needing() + 1 ? q.before() : null)),
            exchange("zeros-skipped", "takes the ten straight across the zeros", Met.OFTEN,
                    "Exchange one place at a time with blocks: a hundred first becomes ten tens.",
                    at(Receiver.class, (q, hand) -> q.needing())),
            both("added-instead", "adds", Met.SOMETIMES, "Read the sign aloud before beginning.",
                    at(ChosenMethod.class, (q, hand) -> new AddedInstead())),
            both("lined-up-left", "lines the numbers up at the left", Met.SOMETIMES,
                    "Column heads over the squares; ones go under ones.", LINED_UP_LEFT));

    private SubtractionSlips() {}

    private static KnownSlip exchange(String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, MethodName.DECOMPOSITION, label, met, help, slip);
    }

    private static KnownSlip both(String id, String label, Met met, String help, Slip slip) {
        return exchange(id, label, met, help, slip).under(MethodName.DECOMPOSITION, MethodName.EQUAL_ADDITIONS);
    }

    private static Slip underZero() {
        return at(NeedsTen.class, (q, hand) -> q.untouched() && q.top() == 0 ? false : null);
    }

    private static boolean isStuckZero(Difference column) {
        return column.untouched() && column.top() == 0 && column.away() > 0;
    }

    private static List<Placed> linedUpLeft(List<Numeral> numbers) {
        int longest = numbers.stream().mapToInt(Numeral::highest).max().orElseThrow();
        return numbers.stream().map(number -> new Placed(number, longest - number.highest())).toList();
    }
}
