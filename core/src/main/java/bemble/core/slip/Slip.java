package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.style.Way;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A slip: one rule broken, the rest done properly. */
public enum Slip {
    CARRY_FORGOTTEN("never adds a carry", Map.of(Operation.ADDITION, AdditionSlips.CarryForgotten::new,
            Operation.MULTIPLICATION, MultiplicationSlips.CarryForgotten::new)),
    BOTH_DIGITS_WRITTEN("writes every total whole", Map.of(Operation.ADDITION, AdditionSlips.BothDigitsWritten::new)),
    CARRY_SWAPPED("writes the tens digit and carries the ones digit",
            Map.of(Operation.ADDITION, AdditionSlips.CarrySwapped::new)),
    LAST_CARRY_LOST("leaves off the last carry", Map.of(Operation.ADDITION, AdditionSlips.LastCarryLost::new)),
    LINED_UP_LEFT("lines the numbers up at the left", Map.of(Operation.ADDITION, AdditionSlips.LinedUpLeft::new,
            Operation.SUBTRACTION, AdditionSlips.LinedUpLeft::new)),
    NEEDLESS_CARRY("carries 1 where there is nothing to carry",
            Map.of(Operation.ADDITION, AdditionSlips.NeedlessCarry::new)),
    LONE_DIGIT_DROPPED("stops where the shorter number ends",
            Map.of(Operation.ADDITION, AdditionSlips.LoneDigitDropped::new)),
    SUBTRACTED_INSTEAD("subtracts", Map.of(Operation.ADDITION, AdditionSlips.SubtractedInstead::new)),
    SMALLER_FROM_LARGER("takes the smaller digit from the larger",
            Map.of(Operation.SUBTRACTION, SubtractionSlips.SmallerFromLarger::new)),
    EXCHANGE_NOT_PAID("takes the ten and does not pay for it",
            Map.of(Operation.SUBTRACTION, SubtractionSlips.ExchangeNotPaid::new)),
    ZERO_TAKES_THE_DIGIT("under a 0 writes the lower digit",
            Map.of(Operation.SUBTRACTION, SubtractionSlips.ZeroTakesTheDigit::new)),
    ZERO_GIVES_ZERO("under a 0 writes 0", Map.of(Operation.SUBTRACTION, SubtractionSlips.ZeroGivesZero::new)),
    NINES_FOR_FREE("turns zeros into nines for free",
            Map.of(Operation.SUBTRACTION, SubtractionSlips.NinesForFree::new)),
    ZEROS_SKIPPED("skips the zeros when exchanging", Map.of(Operation.SUBTRACTION, SubtractionSlips.ZerosSkipped::new)),
    ADDED_INSTEAD("adds", Map.of(Operation.SUBTRACTION, SubtractionSlips.AddedInstead::new)),
    PLACEHOLDER_FORGOTTEN("begins every row in the ones column",
            Map.of(Operation.MULTIPLICATION, MultiplicationSlips.PlaceholderForgotten::new)),
    CARRY_ADDED_FIRST("adds the carry before multiplying",
            Map.of(Operation.MULTIPLICATION, MultiplicationSlips.CarryAddedFirst::new)),
    ZERO_KEEPS_THE_DIGIT("takes a number times 0 to be the number",
            Map.of(Operation.MULTIPLICATION, MultiplicationSlips.ZeroKeepsTheDigit::new)),
    MATCHING_COLUMNS_ONLY("multiplies only what stands under each other",
            Map.of(Operation.MULTIPLICATION, MultiplicationSlips.MatchingColumnsOnly::new)),
    SUM_CARRY_FORGOTTEN("adds the rows without carries",
            Map.of(Operation.MULTIPLICATION, MultiplicationSlips.SumCarryForgotten::new)),
    QUOTIENT_ZERO_FORGOTTEN("leaves a 0 out of the quotient",
            Map.of(Operation.DIVISION, DivisionSlips.ZeroForgotten::new)),
    REMAINDER_FORGOTTEN("leaves the remainder off", Map.of(Operation.DIVISION, DivisionSlips.RemainderForgotten::new)),
    DIGIT_ONE_SHORT("takes the last digit one too small", Map.of(Operation.DIVISION, DivisionSlips.DigitOneShort::new)),
    ROOT_NOT_DOUBLED("does not double the root", Map.of(Operation.SQUARE_ROOT, DivisionSlips.RootNotDoubled::new)),
    DIGIT_NOT_SET_BESIDE("does not set the digit beside the doubled root",
            Map.of(Operation.SQUARE_ROOT, DivisionSlips.DigitNotSetBeside::new)),
    ROOT_ZERO_FORGOTTEN("leaves a 0 out of the root", Map.of(Operation.SQUARE_ROOT, DivisionSlips.ZeroForgotten::new)),
    /** A family: which fact, and by how much, is tried in the order of writing. */
    FACT_NEAR_MISS("gets one fact wrong", Map.of());

    /** The slips that are defined under equal additions as well as under exchange. */
    private static final Set<Slip> UNDER_EQUAL_ADDITIONS =
            Set.of(SMALLER_FROM_LARGER, EXCHANGE_NOT_PAID, ADDED_INSTEAD, LINED_UP_LEFT);

    private final String label;
    private final Map<Operation, Supplier<Hand>> hands;

    Slip(String label, Map<Operation, Supplier<Hand>> hands) {
        this.label = label;
        this.hands = hands.isEmpty() ? Map.of() : new EnumMap<>(hands);
    }

    /** The name used in files and in the API, such as {@code carry-forgotten}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What the hand does, in a teacher's words. */
    public String label() {
        return label;
    }

    /** @throws Refusal when there is no slip of that name */
    public static Slip of(String id) {
        return Stream.of(values()).filter(slip -> slip.id().equals(id)).findFirst().orElseThrow(() ->
                Refusal.of("slip", "There is no slip called “" + id + "”. Choose one of: "
                        + Stream.of(values()).map(Slip::id).collect(Collectors.joining(", ")) + "."));
    }

    /** Whether it is defined for a problem worked that way; it may still leave the answer as it is. */
    public boolean isDefinedFor(Problem problem, Way way) {
        boolean whole = problem.decimals() == 0 && problem.operands().stream().allMatch(number -> number.isWhole());
        List<Way> ways = Way.of(problem.operation());
        boolean usual = way == ways.get(0) || problem.operation() == Operation.SQUARE_ROOT
                || way == Way.EQUAL_ADDITIONS && UNDER_EQUAL_ADDITIONS.contains(this);
        return whole && usual && (this == FACT_NEAR_MISS || hands.containsKey(problem.operation()));
    }

    /** The hand that makes this slip; a new one, since a hand may count. Not for the family of near misses. */
    Hand hand(Operation operation) {
        return hands.get(operation).get();
    }
}
