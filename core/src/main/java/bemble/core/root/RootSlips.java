package bemble.core.root;

import static bemble.core.hand.slipped.Slip.at;
import static bemble.core.hand.slipped.Slip.unwritten;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.style.MethodName;
import java.math.BigInteger;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The slips of the square root: each is a hand that decides one kind of thing otherwise. */
public final class RootSlips {
    public static final List<KnownSlip> ALL = List.of(
            slip("root-not-doubled", "root not doubled", "does not double the root", Met.OFTEN,
                    "Draw a square with side 50 and let it grow by 3: a strip on two sides. So the side counts twice. Then "
                            + "√1024; see whether 60 is written, not 30.",
                    at(Doubled.class, (q, hand) -> q.root())),
            slip("digit-not-set-beside", "digit not set beside", "does not set the digit beside the doubled root",
                    Met.SOMETIMES,
                    "Cut the square out: the small corner belongs to the strips, so the digit is set beside "
                            + "the doubled root too. Then √196; see whether the 4 stands beside the 2 and in the root.",
                    at(RootDigit.class, (q, hand) -> q.first() ? null : withoutItsSquare(q))
                            .and(at(Beside.class, (q, hand) -> q.isFirst() ? null : 0))),
            slip("root-zero-forgotten", "0 left out of the root", "leaves a 0 out of the root", Met.OFTEN,
                    "Count the pairs: each gives one digit of the root. Then √11025; see whether the root "
                            + "gets three digits.",
                    unwritten(RootDigit.class, (q, digit) -> !q.first() && digit == 0)),
            slip("halved", "number halved", "halves the number", Met.OFTEN,
                    "Square back: is 1922 times itself 3844? Draw a square of 9 small ones and look for its "
                            + "side. Then √49; see whether 7 × 7 is tried.",
                    at(ChosenMethod.class, (q, hand) -> new Halved())),
            slip("root-of-each-pair", "root of each pair", "takes the root of each pair by itself", Met.OFTEN,
                    "Try it back: 93 × 93 is 8649, not 9409. The pairs hang together; what is left of the first goes on with "
                            + "the second. Then √1156; see whether something is brought down.",
                    at(Current.class, (q, hand) -> new BigInteger(q.pair()))
                            .and(at(Doubled.class, (q, hand) -> BigInteger.ZERO))),
            slip("pairs-beside-point", "pairs across the point", "marks off a pair across the point", Met.OFTEN,
                    "Put a finger on the point and mark off to its right, with a 0 where one is missing: "
                            + "0.90. Then √2.5 to one place; see whether 50 is one pair.",
                    at(MarkedOff.class, (q, hand) -> q.radicand().decimals() % 2 > 0 ? -1 : null))
                            .in(Numbers.WITH_DECIMALS),
            slip("last-digit-doubled", "last digit doubled only", "doubles only the last digit of the root",
                    Met.SOMETIMES,
                    "The whole side is doubled: 48 gives 96, not 56. Say it aloud before writing. Then √59049; see whether the "
                            + "second doubling takes all digits.",
                    at(Doubled.class, (q, hand) -> q.root().add(q.root().mod(BigInteger.TEN)))),
            slip("pairs-from-left", "pairs from the left", "marks off the pairs from the left", Met.SOMETIMES,
                    "Begin at the ones and mark off to the left; the first pair may be a single digit. Then "
                            + "√625; see whether the 6 stands alone.",
                    at(MarkedOff.class, (q, hand) -> oddLength(q.radicand()))),
            slip("squared-for-doubled", "squared, not doubled", "squares the root where it should double it",
                    Met.SOMETIMES,
                    "Draw the square with its two strips: two sides of 5, that is 10, not 25. Then √1024; see whether 6 is "
                            + "written in front.",
                    at(Doubled.class, (q, hand) -> q.root().multiply(q.root()))),
            slip("left-over-dropped", "what was left over dropped",
                    "goes on with the pair alone and drops what was left", Met.SOMETIMES,
                    "Say what stands there now: 3 left and the pair 09 are 309. Then √576; see whether 176 "
                            + "stands there.",
                    at(Current.class, (q, hand) -> new BigInteger(q.pair()))),
            slip("digit-one-short", "last digit one short", "takes the last digit one too small", Met.SOMETIMES,
                    "Try one more: 102 × 2 fits, and 103 × 3 = 309 fits too. Then √1369; see whether 67 × 7 "
                            + "is tried.",
                    at(RootDigit.class, (q, hand) -> q.place() == 0 ? oneShort(hand.decide(q)) : null)));

    private RootSlips() {}

    private static KnownSlip slip(String id, String name, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, Set.of(MethodName.DOUBLED_ROOT, MethodName.RUNNING_DIVISOR), name, label, met, help,
                slip);
    }

    /** The largest digit that fits where a 0 stands beside the doubled root; null where nothing is doubled. */
    private static @Nullable Integer withoutItsSquare(RootDigit q) {
        BigInteger tens = q.doubled().multiply(BigInteger.TEN);
        return tens.signum() == 0 ? null : q.current().divide(tens).min(BigInteger.valueOf(9)).intValue();
    }

    private static Integer oddLength(Numeral radicand) {
        if (radicand.length() % 2 == 0 || radicand.length() < 3 || !radicand.isWhole()) {
            throw new Stuck("the pairs are the same from both ends");
        }
        return 1;
    }

    private static int oneShort(int digit) {
        if (digit == 0) {
            throw new Stuck("the digit is 0 already");
        }
        return digit - 1;
    }
}
