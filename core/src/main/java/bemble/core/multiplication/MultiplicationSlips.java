package bemble.core.multiplication;

import static bemble.core.hand.Slip.at;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.KnownSlip.Met;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Slip;
import bemble.core.stack.Total;
import bemble.core.style.MethodName;
import java.util.List;

/** The slips of multiplication: each is a hand that decides one kind of thing otherwise. */
public final class MultiplicationSlips {
    public static final List<KnownSlip> ALL = List.of(
            slip("placeholder-forgotten", "begins every row in the ones column", Met.OFTEN,
                    "Say what the row is worth before it is written: times 30 is 3 times, then one place to the left.",
                    at(Placeholders.class, (q, hand) -> 0)),
            slip("carry-forgotten", "never adds a carry inside a row", Met.OFTEN,
                    "The box beside the row: every part is there and is added.",
                    at(WithCarry.class, (q, hand) -> q.product())),
            slip("carry-added-first", "adds the carry before multiplying", Met.SOMETIMES,
                    "The carry is already worth tens: multiply first, then add what waits.",
                    at(WithCarry.class, (q, hand) -> q.factor() * (q.top() + q.carryIn()))),
            slip("zero-keeps-the-digit", "takes a number times 0 to be the number", Met.SOMETIMES,
                    "No bags of 7 apples are no apples.",
                    at(Product.class, (q, hand) -> q.factor() == 0 || q.top() == 0 ? q.factor() + q.top() : null)
                            .and(at(ZeroRow.class, (q, hand) -> q.digit() == 0 && q.topIsZero()))),
            slip("matching-columns-only", "multiplies only what stands under each other", Met.SOMETIMES,
                    "The box: every part of one number meets every part of the other.",
                    at(ChosenMethod.class, (q, hand) -> new MatchingColumns())),
            slip("sum-carry-forgotten", "adds the rows without carries", Met.SOMETIMES,
                    "Add the rows as a sum of their own on another paper.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))));

    private MultiplicationSlips() {}

    private static KnownSlip slip(String id, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, MethodName.LONG_MULTIPLICATION, label, met, help, slip);
    }
}
