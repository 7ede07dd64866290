package bemble.core.division;

import static bemble.core.hand.Slip.at;
import static bemble.core.hand.Slip.unwritten;

import bemble.core.hand.KnownSlip.Met;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.hand.Stuck;
import bemble.core.style.MethodName;
import java.math.BigInteger;
import java.util.List;

/** The slips of division: each is a hand that decides one kind of thing otherwise. */
public final class DivisionSlips {
    public static final List<KnownSlip> ALL = List.of(
            all("quotient-zero-forgotten", "leaves a 0 out of the quotient", Met.OFTEN,
                    "Estimate how many digits the quotient has; nothing each is written as 0.",
                    unwritten(Goes.class, (q, digit) -> !q.first() && digit == 0)),
            all("remainder-forgotten", "leaves the remainder off", Met.OFTEN,
                    "Multiply back: the sum does not come out without what is left over.",
                    unwritten(Remainder.class, (q, rest) -> true)),
            all("digit-one-short", "takes the last digit one too small", Met.SOMETIMES,
                    "Look at what is left: is it less than the divisor?",
                    at(Goes.class, (q, hand) -> q.isLast() ? oneShort(hand.decide(q)) : null)),
            only(MethodName.SHORT_DIVISION, "left-over-dropped", "does not pass on what is left over", Met.OFTEN,
                    "Blocks: what cannot be shared is traded and goes on to the next place.",
                    at(Joined.class, (q, hand) -> BigInteger.valueOf(q.digit()))),
            only(MethodName.SHORT_DIVISION, "left-over-added", "adds what is left over to the next digit", Met.SOMETIMES,
                    "Say the value: 1 hundred and 4 tens are 14 tens, not 5.",
                    at(Joined.class, (q, hand) -> q.left().add(BigInteger.valueOf(q.digit())))),
            only(MethodName.PARTIAL_QUOTIENTS, "remainder-forgotten", "leaves the remainder off", Met.OFTEN,
                    "Multiply back: the sum does not come out without what is left over.",
                    unwritten(Remainder.class, (q, rest) -> true)),
            only(MethodName.PARTIAL_QUOTIENTS, "chunk-zero-lost", "leaves a 0 off a chunk at the side", Met.SOMETIMES,
                    "Say the chunk aloud: 20 times, not 2 times.",
                    at(ChunkNoted.class, (q, hand) -> withoutZero(q.chunk()))));

    private DivisionSlips() {}

    private static int oneShort(int digit) {
        if (digit == 0) {
            throw new Stuck("the last digit is 0 already");
        }
        return digit - 1;
    }

    private static BigInteger withoutZero(BigInteger chunk) {
        BigInteger[] parts = chunk.divideAndRemainder(BigInteger.TEN);
        return parts[1].signum() == 0 && chunk.signum() > 0 ? parts[0] : chunk;
    }

    private static KnownSlip all(String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, MethodName.LONG_DIVISION, label, met, help, slip)
                .under(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION);
    }

    private static KnownSlip only(MethodName method, String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, method, label, met, help, slip);
    }
}
