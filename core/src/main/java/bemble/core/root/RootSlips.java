package bemble.core.root;

import static bemble.core.hand.Slip.at;
import static bemble.core.hand.Slip.unwritten;

import bemble.core.hand.KnownSlip.Met;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.style.MethodName;
import java.util.List;

/** The slips of the square root: each is a hand that decides one kind of thing otherwise. */
public final class RootSlips {
    public static final List<KnownSlip> ALL = List.of(
            slip("root-not-doubled", "does not double the root", Met.OFTEN,
                    "The cut square: two strips lie along the sides, so the side counts twice.",
                    at(Doubled.class, (q, hand) -> q.root())),
            slip("digit-not-set-beside", "does not set the digit beside the doubled root", Met.SOMETIMES,
                    "The cut square: the small corner square belongs to the strips.",
                    at(Beside.class, (q, hand) -> q.isFirst() ? null : 0)),
            slip("root-zero-forgotten", "leaves a 0 out of the root", Met.OFTEN,
                    "Count the pairs: each gives one digit of the root.",
                    unwritten(RootDigit.class, (q, digit) -> !q.first() && digit == 0)));

    private RootSlips() {}

    private static KnownSlip slip(String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, MethodName.DOUBLED_ROOT, label, met, help, slip)
                .under(MethodName.DOUBLED_ROOT, MethodName.RUNNING_DIVISOR);
    }
}
