package bemble.core.subtraction;

import static bemble.core.rule.Guard.when;

import bemble.core.hand.Hand;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.slips.CopyRules;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.Difference;
import bemble.core.subtraction.column.Lowered;
import bemble.core.subtraction.column.NeedsTen;
import bemble.core.subtraction.column.Raised;
import bemble.core.subtraction.exchange.Giver;
import bemble.core.subtraction.exchange.Receiver;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;

/** What may be decided otherwise in taking columns away, and when. */
public final class SubtractionRules {
    private static final Set<MethodName> BOTH = Set.of(MethodName.DECOMPOSITION, MethodName.EQUAL_ADDITIONS);
    private static final Set<MethodName> EXCHANGE = Set.of(MethodName.DECOMPOSITION);
    private static final String BLOCKS =
            "Lay the upper number with blocks and take the lower one away, column by column.";

    /** A column as a hand finds it, before or after it has got ten. */
    private record Column(int place, int upper, int lower, boolean touched, boolean lone, boolean noUpper) {
        static Column of(NeedsTen q) {
            return new Column(q.place(), q.top(), q.bottom(), !q.untouched(), false, !q.hasTop());
        }

        static Column of(Difference q) {
            return new Column(q.place(), q.top(), q.away(), !q.untouched(), !q.hasBottom(), !q.hasTop());
        }
    }

    private interface Otherwise {
        int of(int upper, int lower);
    }

    public static final List<Theme<?>> ALL = List.of(
            // Where ten would be needed none is got, and the column is worked otherwise: both belong together.
            new Theme<>("column", BOTH, List.of(
                    stuck("turned", "takes the upper digit from the lower one instead of getting a ten",
                            (upper, lower) -> lower - upper),
                    stuck("upper", "writes the upper digit instead of getting a ten", (upper, lower) -> upper),
                    stuck("lower", "writes the lower digit instead of getting a ten", (upper, lower) -> lower),
                    stuck("zero", "writes 0 instead of getting a ten", (upper, lower) -> 0),
                    stuck("one", "writes 1 instead of getting a ten", (upper, lower) -> 1),
                    stuck("nine", "writes 9 instead of getting a ten", (upper, lower) -> 9),
                    stuck("ten-less-lower", "takes the lower digit from 10 instead of getting a ten",
                            (upper, lower) -> 10 - lower),
                    stuck("added", "adds the two digits instead of getting a ten",
                            (upper, lower) -> (upper + lower) % 10),
                    stuck("ten-got", "adds ten to the upper digit and pays nothing for it",
                            (upper, lower) -> upper + 10 - lower)),
                    guards(List.of(
                            when("upper-0", "where the upper digit is 0", q -> q.upper() == 0),
                            when("upper-not-0", "where the upper digit is not 0", q -> q.upper() > 0),
                            when("lower-9", "where the lower digit is 9", q -> q.lower() == 9),
                            when("one-apart", "where the lower digit is one more", q -> q.lower() == q.upper() + 1),
                            when("far-apart", "where the lower digit is more than five more",
                                    q -> q.lower() > q.upper() + 5),
                            when("touched", "where the upper digit has given a ten", Column::touched),
                            when("made-0", "where the upper digit has become 0", q -> q.touched() && q.upper() == 0),
                            when("given-0", "where the upper digit is 0 from the beginning",
                                    q -> !q.touched() && q.upper() == 0),
                            when("untouched", "where the upper digit stands as it was given", q -> !q.touched()))),
                    BLOCKS),
            new Theme<>("difference", BOTH, List.of(
                    worked("one-more", "writes one more", (upper, lower) -> upper - lower + 1),
                    worked("one-less", "writes one less", (upper, lower) -> upper - lower - 1),
                    worked("upper", "writes the upper digit", (upper, lower) -> upper % 10),
                    worked("lower", "writes the lower digit", (upper, lower) -> lower),
                    worked("zero", "writes 0", (upper, lower) -> 0),
                    worked("one", "writes 1", (upper, lower) -> 1),
                    worked("nine", "writes 9", (upper, lower) -> 9),
                    worked("added", "adds the two digits", (upper, lower) -> (upper + lower) % 10)),
                    guards(List.of(
                            when("equal", "where both digits are equal", q -> q.upper() == q.lower()),
                            when("lower-0", "where the lower digit is 0", q -> q.lower() == 0 && !q.lone()),
                            when("lower-1", "where the lower digit is 1", q -> q.lower() == 1),
                            when("lower-9", "where the lower digit is 9", q -> q.lower() == 9),
                            when("lower-5", "where the lower digit is 5", q -> q.lower() == 5),
                            when("upper-9", "where the upper digit is 9", q -> q.upper() == 9),
                            when("upper-5", "where the upper digit is 5", q -> q.upper() == 5),
                            when("lone", "where nothing stands below", Column::lone),
                            when("some", "where something is taken away", q -> q.lower() > 0),
                            when("got-ten", "where ten was got", q -> q.upper() > 9),
                            when("no-ten", "where no ten was got", q -> q.upper() < 10),
                            when("touched", "where the upper digit has given or got a ten", Column::touched))),
                    BLOCKS),
            new Theme<>("lowered", EXCHANGE, List.of(
                    Turn.of("kept", "does not lower the figure that gives the ten", Lowered.class,
                            (q, hand) -> q.before()),
                    Turn.of("by-two", "lowers the figure that gives the ten by two", Lowered.class,
                            (q, hand) -> q.before() > 1 ? q.before() - 2 : null),
                    Turn.of("raised", "raises the figure that gives the ten", Lowered.class,
                            (q, hand) -> q.before() < 9 ? q.before() + 1 : null),
                    Turn.of("zero", "makes 0 of the figure that gives the ten", Lowered.class, (q, hand) -> 0)),
                    List.of(Guard.always(),
                            new Guard<>("last", "in the last column", (q, problem) -> q.place() == highest(problem)),
                            new Guard<>("not-last", "in every column but the last",
                                    (q, problem) -> q.place() < highest(problem)),
                            new Guard<>("once", "for the first column", (q, problem) -> q.needing() == lowest(problem)),
                            new Guard<>("later", "after the first column",
                                    (q, problem) -> q.needing() > lowest(problem)),
                            when("across", "across a 0", q -> q.place() > q.needing() + 1),
                            when("next", "where it stands next to the column", q -> q.place() == q.needing() + 1),
                            when("tens", "in the tens column", q -> q.place() == 1),
                            when("hundreds", "in the hundreds column", q -> q.place() == 2),
                            when("one", "where it is 1", q -> q.before() == 1),
                            when("ten", "where it has just got ten", q -> q.before() == 10)),
                    BLOCKS),
            new Theme<>("raised", EXCHANGE, List.of(
                    Turn.of("nine", "gives the column 9 instead of ten", Raised.class, (q, hand) -> q.before() + 9),
                    Turn.of("ten-only", "makes 10 of the column's digit", Raised.class,
                            (q, hand) -> q.before() > 0 ? 10 : null),
                    Turn.of("eleven", "gives the column 11 instead of ten", Raised.class,
                            (q, hand) -> q.before() + 11)),
                    List.of(Guard.always(), when("across", "across a 0", Raised::across),
                            when("next", "from the next column", q -> !q.across()),
                            when("zero", "where it is 0", q -> q.before() == 0)),
                    BLOCKS),
            new Theme<>("ten-needed", EXCHANGE, List.of(
                    new Turn<Column>("always", "gets a ten in every column", here -> Slip.at(NeedsTen.class,
                            (q, hand) -> q.last() || q.left() < 0 || !here.test(Column.of(q)) ? null : true)
                            .and(Slip.at(Difference.class,
                                    (q, hand) -> q.top() - q.away() > 9 ? (q.top() - q.away()) % 10 : null)))),
                    List.of(Guard.always(), when("equal", "where both digits are equal", q -> q.upper() == q.lower()),
                            when("not-first", "in every column but the ones", q -> q.place() != 0)),
                    BLOCKS),
            new Theme<>("ten-from", EXCHANGE, List.of(
                    new Turn<Giver>("far-left", "takes the ten from the far left",
                            here -> Slip
                                    .at(Giver.class,
                                            (Giver q, Hand hand) -> q.highest() > q.place() && here.test(q)
                                                    ? q.highest() : null)
                                    .and(Slip.at(Receiver.class, (Receiver q, Hand hand) -> q.needing())))),
                    List.of(Guard.always()), BLOCKS),
            new Theme<>("ten-goes", EXCHANGE, List.of(
                    Turn.of("straight", "takes the ten straight across the zeros", Receiver.class,
                            (q, hand) -> q.needing())),
                    List.of(Guard.always()), BLOCKS),
            CopyRules.read(BOTH), CopyRules.set(BOTH), CopyRules.answer(BOTH, SubtractionSlips::answered));

    private SubtractionRules() {}

    private static Turn<Column> stuck(String id, String words, Otherwise otherwise) {
        return new Turn<>(id, words,
                here -> Slip
                        .at(NeedsTen.class, (q, hand) -> q.top() < q.bottom() && here.test(Column.of(q)) ? false : null)
                        .and(Slip.at(Difference.class, (q, hand) -> q.top() < q.away() && here.test(stuckColumn(q))
                                ? (Integer) otherwise.of(q.top(), q.away()) : null)));
    }

    /** Whether a digit is given below is not asked where ten is needed: some digit is. */
    private static Column stuckColumn(Difference q) {
        return new Column(q.place(), q.top(), q.away(), !q.untouched(), false, !q.hasTop());
    }

    private static Turn<Column> worked(String id, String words, Otherwise otherwise) {
        return new Turn<>(id, words, (Predicate<Column> here) -> Slip.at(Difference.class, (q, hand) -> {
            int other = q.top() < q.away() || !here.test(Column.of(q)) ? -1 : otherwise.of(q.top(), q.away());
            return other < 0 ? null : (Integer) other;
        }));
    }

    private static List<Guard<Column>> guards(List<Guard<Column>> more) {
        List<Guard<Column>> guards = new ArrayList<>(List.of(Guard.always(),
                where("last", "in the last column", (q, problem) -> q.place() == highest(problem)),
                where("first", "in the first column", (q, problem) -> q.place() == lowest(problem)),
                where("not-first", "in every column but the first", (q, problem) -> q.place() > lowest(problem)),
                where("not-last", "in every column but the last", (q, problem) -> q.place() < highest(problem)),
                where("middle", "in the columns between",
                        (q, problem) -> q.place() > lowest(problem) && q.place() < highest(problem)),
                when("tens", "in the tens column", q -> q.place() == 1),
                when("hundreds", "in the hundreds column", q -> q.place() == 2)));
        guards.addAll(more);
        return List.copyOf(guards);
    }

    private static Guard<Column> where(String id, String words, BiPredicate<Column, Problem> holds) {
        return new Guard<>(id, words, holds);
    }

    private static int highest(Problem problem) {
        return problem.operands().get(0).highest();
    }

    private static int lowest(Problem problem) {
        return problem.operands().stream().mapToInt(Numeral::lowest).min().orElseThrow();
    }
}
