package bemble.core.slip;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.addition.AdditionSlips;
import bemble.core.division.DivisionSlips;
import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.multiplication.MultiplicationSlips;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.root.RootSlips;
import bemble.core.style.MethodName;
import bemble.core.subtraction.SubtractionSlips;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds the slips of an operation and its methods: {@code find("carry-forgotten", ADDITION)}. */
public final class Slips {
    /** The family of near misses: one fact wrong by one group; which fact, and by how much, is tried in order. */
    public static final String FACT_NEAR_MISS = "fact-near-miss";
    /** One operation taken for another. */
    private static final List<KnownSlip> ACROSS = List.of(
            KnownSlip.of("subtracted-instead", Set.of(MethodName.COLUMN), "subtracted instead of added", "subtracts",
                    Met.SOMETIMES,
                    "Ring the sign and say whether the number grows or shrinks. Then 64 + 23, 64 − 23 and 45 + 12; see whether the "
                            + "sign is looked at first.",
                    at(ChosenMethod.class, (q, hand) -> subtracted(q))),
            instead("multiplied-instead", MethodName.COLUMN, "multiplied instead of added", "multiplies",
                    Operation.MULTIPLICATION,
                    "Say it with counters: 12 and 3 more, or 12 three times? Then 12 + 3 and 12 × 3; see whether they get 15 and 36."),
            instead("multiplied-instead", MethodName.DECOMPOSITION, "multiplied instead of subtracted", "multiplies",
                    Operation.MULTIPLICATION,
                    "Ask before beginning: will there be more or less than 82? Then 15 − 4 and 15 × 4; see "
                            + "whether only the second grows."),
            instead("subtracted-instead", MethodName.LONG_MULTIPLICATION, "subtracted instead of multiplied",
                    "subtracts",
                    Operation.SUBTRACTION,
                    "Ring the sign and say it as groups: 8 times 12 is eight twelves. Then 14 × 3 and 14 − 3; see "
                            + "whether the first grows."),
            instead("multiplied-instead", MethodName.LONG_DIVISION, "multiplied instead of divided", "multiplies",
                    Operation.MULTIPLICATION,
                    "Ask what is shared, and among how many: does each get more or less than there is? Then "
                            + "24 ÷ 3; see whether the answer is below 24."),
            instead("subtracted-instead", MethodName.LONG_DIVISION, "subtracted instead of divided", "subtracts",
                    Operation.SUBTRACTION,
                    "Share 12 counters among 3, then take 3 from 12: two stories. Then 20 ÷ 4 and 20 − 4; see "
                            + "whether they get two answers."),
            instead("added-instead", MethodName.LONG_DIVISION, "added instead of divided", "adds", Operation.ADDITION,
                    "Share 12 counters among 3: can each get more than 12? Then 18 ÷ 6; see whether the answer is below 18."));

    private static KnownSlip instead(String id, MethodName method, String name, String label, Operation other,
            String help) {
        return KnownSlip.of(id, Set.of(method), name, label, Met.RARE, help,
                at(ChosenMethod.class, (q, hand) -> OtherOperation.of(q.problem(), other)));
    }

    /** Every slip there is but for the family of near misses, operation by operation. */
    public static final List<KnownSlip> ALL = Stream.of(AdditionSlips.ALL, ACROSS, SubtractionSlips.ALL,
            MultiplicationSlips.ALL, DivisionSlips.ALL, RootSlips.ALL).flatMap(List::stream).toList();

    private Slips() {}

    private static Method<?> subtracted(ChosenMethod asked) {
        if (asked.problem().operands().size() != 2) {
            throw new Stuck("there are more than two numbers");
        }
        return new SubtractedInstead();
    }

    /** The slips that are defined for a problem worked by a method; one may still leave the answer as it is. */
    public static List<KnownSlip> of(Problem problem, MethodName method) {
        boolean whole = isWhole(problem);
        return under(problem, method).filter(slip -> whole ? slip.numbers() != Numbers.WITH_DECIMALS
                : slip.numbers() != Numbers.WHOLE).toList();
    }

    /**
     * The slips that may have been made in a problem: in numbers with decimals also those that are defined for whole
     * ones, since a pupil who never adds a carry does not add it there either.
     */
    public static List<KnownSlip> met(Problem problem, MethodName method) {
        boolean whole = isWhole(problem);
        return under(problem, method).filter(slip -> !whole || slip.numbers() != Numbers.WITH_DECIMALS).toList();
    }

    /** The slip of that name, or the rule of that text, where it is defined for a problem worked by a method. */
    public static Optional<KnownSlip> named(String id, Problem problem, MethodName method) {
        return Rules.isRule(id) ? Rules.find(id, problem.operation()).filter(rule -> rule.methods().contains(method))
                : of(problem, method).stream().filter(slip -> slip.id().equals(id)).findFirst();
    }

    /** The slips of that name, or the rule of that text, that somebody may have who works a problem. */
    public static List<KnownSlip> metAs(String id, Problem problem, MethodName method) {
        return Rules.isRule(id) ? named(id, problem, method).stream().toList()
                : met(problem, method).stream().filter(slip -> slip.id().equals(id)).toList();
    }

    private static boolean isWhole(Problem problem) {
        return problem.decimals() == 0 && problem.operands().stream().allMatch(Numeral::isWhole);
    }

    private static Stream<KnownSlip> under(Problem problem, MethodName method) {
        return ALL.stream().filter(slip -> slip.operation() == problem.operation() && slip.methods().contains(method));
    }

    /** Facts missed that are more than a near miss: digits of a quotient that are taken for right. */
    public static List<Slip> missedFacts(Problem problem, MethodName method) {
        return method == MethodName.LONG_DIVISION || method == MethodName.SHORT_DIVISION
                ? DivisionSlips.missedDigits(problem) : List.of();
    }

    /** The slip of that name in an operation; nothing where it has none. */
    public static Optional<KnownSlip> find(String id, Operation operation) {
        return Rules.isRule(id) ? Rules.find(id, operation)
                : ALL.stream().filter(slip -> slip.id().equals(id) && slip.operation() == operation).findFirst();
    }

    /** The slip of that name in whichever operation has one. */
    public static Optional<KnownSlip> find(String id) {
        return Rules.isRule(id)
                ? Arrays.stream(Operation.values()).flatMap(operation -> Rules.find(id, operation).stream()).findFirst()
                : ALL.stream().filter(slip -> slip.id().equals(id)).findFirst();
    }

    /** A slip's name in a few words. */
    public static String name(String id, Problem problem) {
        return name(id, problem.operation());
    }

    /** A slip's name in a few words, as an operation has it. */
    public static String name(String id, Operation operation) {
        return id.equals(FACT_NEAR_MISS) ? "a fact missed" : find(id, operation).map(KnownSlip::name).orElse(id);
    }

    /** What a slip does, in a teacher's words. */
    public static String label(String id, Problem problem) {
        return id.equals(FACT_NEAR_MISS) ? "gets one fact wrong" : find(id, problem.operation())
                .map(KnownSlip::label).orElse(id);
    }

    /** @throws Refusal where no operation has a slip of that name */
    public static void requireKnown(String id) {
        requireKnown(id, "slip");
    }

    /** @param field where the name stands */
    public static void requireKnown(String id, String field) {
        List<String> ids =
                Stream.concat(ALL.stream().map(KnownSlip::id), Stream.of(FACT_NEAR_MISS)).distinct().toList();
        if (!ids.contains(id) && find(id).isEmpty()) {
            throw Refusal.of(field, "There is no slip called “" + id + "”. Choose one of: "
                    + ids.stream().collect(Collectors.joining(", ")) + ".");
        }
    }
}
