package bemble.core.addition;

import static bemble.core.rule.Guard.when;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.Digit;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.GoesTo;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.Total;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopyRules;
import bemble.core.style.MethodName;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;

/** What may be decided otherwise in adding columns, and when. */
public final class AdditionRules {
    private static final Set<MethodName> COLUMN = Set.of(MethodName.COLUMN);
    private static final String BLOCKS = "Lay the column with blocks, and say what is written and what goes on.";

    public static final List<Theme<?>> ALL = List.of(
            new Theme<>("total", COLUMN, List.of(
                    total("no-carry", "does not add the carry", q -> q.careful() - q.carryIn()),
                    total("carry-twice", "adds the carry twice", q -> q.careful() + q.carryIn()),
                    total("carry-as-ten", "adds the carry as ten", q -> q.careful() + 9 * q.carryIn()),
                    total("carry-away", "takes the carry away", q -> q.careful() - 2 * q.carryIn()),
                    total("counted-short", "counts on and ends one short", q -> q.careful() - (q.digits().size() - 1)),
                    total("one-more", "makes the total one more", q -> q.careful() + 1),
                    total("one-less", "makes the total one less", q -> q.careful() - 1),
                    total("upper", "takes the upper digit for the total", q -> q.digits().get(0) + q.carryIn()),
                    total("lower", "takes the lowest digit for the total",
                            q -> q.digits().get(q.digits().size() - 1) + q.carryIn()),
                    total("larger", "takes the larger digit for the total",
                            q -> Collections.max(q.digits()) + q.carryIn()),
                    total("smaller", "takes the smaller digit for the total",
                            q -> Collections.min(q.digits()) + q.carryIn()),
                    total("apart", "takes the smaller digit from the larger", q -> q.digits().size() == 2
                            ? Math.abs(q.digits().get(0) - q.digits().get(1)) + q.carryIn() : q.careful()),
                    total("times", "multiplies the two digits", q -> q.digits().size() == 2
                            ? q.digits().get(0) * q.digits().get(1) + q.carryIn() : q.careful()),
                    total("zero", "makes the total 0", q -> 0)),
                    List.of(Guard.always(),
                            new Guard<>("last", "in the last column", (q, problem) -> q.place() == highest(problem)),
                            new Guard<>("first", "in the first column", (q, problem) -> q.place() == lowest(problem)),
                            new Guard<>("not-first", "in every column but the first",
                                    (q, problem) -> q.place() > lowest(problem)),
                            new Guard<>("middle", "in the columns between",
                                    (q, problem) -> q.place() > lowest(problem) && q.place() < highest(problem)),
                            when("tens", "in the tens column", q -> q.place() == 1),
                            when("hundreds", "in the hundreds column", q -> q.place() == 2),
                            when("equal", "where the digits are equal",
                                    q -> q.digits().size() > 1 && q.digits().stream().distinct().count() == 1),
                            when("zero", "where a digit is 0", q -> q.digits().contains(0)),
                            when("one", "where a digit is 1", q -> q.digits().contains(1)),
                            when("nine", "where a digit is 9", q -> q.digits().contains(9)),
                            when("five", "where a digit is 5", q -> q.digits().contains(5)),
                            when("carry", "where a carry came in", q -> q.carryIn() > 0),
                            when("no-carry", "where no carry came in", q -> q.carryIn() == 0),
                            when("lone", "where a digit stands alone", q -> q.digits().size() == 1),
                            when("over-ten", "where the digits come to ten or more",
                                    q -> q.careful() - q.carryIn() > 9),
                            when("under-ten", "where the digits come to less than ten",
                                    q -> q.careful() - q.carryIn() < 10),
                            when("ten", "where the digits come to ten", q -> q.careful() - q.carryIn() == 10),
                            when("upper-smaller", "where the upper digit is smaller",
                                    q -> q.digits().size() == 2 && q.digits().get(0) < q.digits().get(1)),
                            when("upper-larger", "where the upper digit is larger",
                                    q -> q.digits().size() == 2 && q.digits().get(0) > q.digits().get(1))),
                    BLOCKS),
            new Theme<>("digit", COLUMN, List.of(
                    digit("tens", "writes the tens digit of the total", q -> q.total() > 9 ? q.total() / 10 : null),
                    digit("zero", "writes 0", q -> 0),
                    digit("one", "writes 1", q -> 1),
                    digit("nine", "writes 9", q -> 9),
                    digit("one-more", "writes a digit one more", q -> (q.careful() + 1) % 10),
                    digit("one-less", "writes a digit one less", q -> (q.careful() + 9) % 10),
                    digit("both", "writes both digits of the total",
                            q -> q.total() > 9 && !q.last() ? q.total() : null),
                    digit("sum", "adds the two digits of the total",
                            q -> q.total() > 9 ? (q.total() / 10 + q.total() % 10) % 10 : null)),
                    List.of(Guard.always(),
                            when("last", "in the last column", Digit::last),
                            when("not-last", "in every column but the last", q -> !q.last()),
                            new Guard<>("first", "in the first column", (q, problem) -> q.place() == lowest(problem)),
                            when("tens", "in the tens column", q -> q.place() == 1),
                            when("ten", "where the total is ten", q -> q.total() == 10),
                            when("round", "where the total ends in 0", q -> q.total() > 9 && q.total() % 10 == 0),
                            when("over-ten", "where the total is ten or more", q -> q.total() > 9),
                            when("over-fifteen", "where the total is fifteen or more", q -> q.total() > 14),
                            when("teens-low", "where the total is eleven or twelve",
                                    q -> q.total() == 11 || q.total() == 12)),
                    BLOCKS),
            new Theme<>("carry", COLUMN, List.of(
                    carry("none", "carries nothing", q -> 0),
                    carry("one", "carries 1", q -> 1),
                    carry("two", "carries 2", q -> 2),
                    carry("ones", "carries the ones digit of the total", q -> q.total() % 10),
                    carry("one-more", "carries one more", q -> q.total() / 10 + 1)),
                    List.of(Guard.always(),
                            new Guard<>("first", "out of the first column",
                                    (q, problem) -> q.place() == lowest(problem)),
                            new Guard<>("not-first", "out of every column but the first",
                                    (q, problem) -> q.place() > lowest(problem)),
                            when("tens", "out of the tens column", q -> q.place() == 1),
                            when("ten", "where the total is ten", q -> q.total() == 10),
                            when("round", "where the total ends in 0", q -> q.total() > 9 && q.total() % 10 == 0),
                            when("over-ten", "where the total is ten or more", q -> q.total() > 9),
                            when("over-fifteen", "where the total is fifteen or more", q -> q.total() > 14),
                            when("nine", "where the total is 9", q -> q.total() == 9),
                            when("under-ten", "where the total is less than ten", q -> q.total() < 10),
                            when("carry", "where a carry came in", q -> q.carryIn() > 0),
                            when("made-by-carry", "where only the carry made a ten",
                                    q -> q.total() > 9 && q.total() - q.carryIn() < 10),
                            when("twenty", "where the total is twenty or more", q -> q.total() > 19)),
                    BLOCKS),
            new Theme<>("in-front", COLUMN, List.of(
                    Turn.of("none", "writes nothing in front of the last digit", InFront.class,
                            (q, hand) -> q.careful() > 0 ? 0 : null),
                    Turn.of("one", "writes 1 in front of the last digit", InFront.class, (q, hand) -> 1)),
                    List.of(Guard.always(), when("over-ten", "where the last total is ten or more", q -> q.total() > 9),
                            when("under-ten", "where the last total is less than ten", q -> q.total() < 10)),
                    BLOCKS),
            new Theme<>("split", COLUMN, List.of(
                    split("swapped", "writes the tens digit of a total and carries the ones digit", total -> total / 10,
                            total -> total % 10),
                    split("both", "writes a total whole and carries nothing", total -> total, total -> 0),
                    split("tens-only", "writes the tens digit of a total and carries nothing", total -> total / 10,
                            total -> 0),
                    split("added", "writes a total's digits added together",
                            total -> (total / 10 + total % 10) % 10, total -> 0),
                    split("nine", "writes 9 where a total is more, and carries nothing", total -> 9, total -> 0),
                    split("zero", "writes 0 where a total is ten or more, and carries nothing", total -> 0,
                            total -> 0)),
                    List.of(Guard.always(), when("last", "in the last column", Sum::last),
                            when("not-last", "in every column but the last", q -> !q.last()),
                            when("round", "where the total ends in 0", q -> q.total() % 10 == 0),
                            when("over-fifteen", "where the total is fifteen or more", q -> q.total() > 14)),
                    BLOCKS),
            new Theme<>("carry-goes", COLUMN, List.of(
                    Turn.of("further", "carries into the column after the next", GoesTo.class,
                            (q, hand) -> q.place() + 2)),
                    List.of(Guard.always(), when("first", "out of the ones column", q -> q.place() == 0),
                            when("not-first", "out of every column but the ones", q -> q.place() != 0)),
                    BLOCKS),
            new Theme<>("order", COLUMN, List.of(
                    new Turn<ChosenMethod>("left", "begins at the left and carries to the right",
                            here -> Slip.at(ChosenMethod.class, (q, hand) -> here.test(q) ? new FromTheLeft() : null))),
                    List.of(Guard.always()), BLOCKS),
            CopyRules.read(COLUMN), CopyRules.set(COLUMN), CopyRules.answer(COLUMN, AnswerSlips::written));

    /** What a column comes to, as its figures are written. */
    private record Sum(int total, boolean last) {}

    /** The digit that is written and what is carried belong together. */
    private static Turn<Sum> split(String id, String words, IntUnaryOperator written, IntUnaryOperator carried) {
        return new Turn<>(id, words,
                here -> Slip.at(Digit.class, (Digit q, Hand hand) -> q.total() > 9 && q.total() < 100
                        && here.test(new Sum(q.total(), q.last())) ? (Integer) written.applyAsInt(q.total()) : null)
                        .and(Slip.at(Carry.class,
                                (Carry q, Hand hand) -> q.total() > 9 && here.test(new Sum(q.total(), false))
                                        ? (Integer) carried.applyAsInt(q.total()) : null))
                        .and(Slip.at(InFront.class,
                                (InFront q, Hand hand) -> q.total() > 9 && here.test(new Sum(q.total(), true))
                                        ? (Integer) carried.applyAsInt(q.total()) : null)));
    }

    private AdditionRules() {}

    private static int highest(Problem problem) {
        return problem.operands().stream().mapToInt(Numeral::highest).max().orElseThrow();
    }

    private static int lowest(Problem problem) {
        return problem.operands().stream().mapToInt(Numeral::lowest).min().orElseThrow();
    }

    private interface Otherwise<Q> {
        @Nullable
        Integer of(Q question);
    }

    private static Turn<Total> total(String id, String words, Otherwise<Total> otherwise) {
        return Turn.of(id, words, Total.class, (q, hand) -> Turn.notBelow(otherwise.of(q)));
    }

    private static Turn<Digit> digit(String id, String words, Otherwise<Digit> otherwise) {
        return Turn.of(id, words, Digit.class, (q, hand) -> otherwise.of(q));
    }

    private static Turn<Carry> carry(String id, String words, Otherwise<Carry> otherwise) {
        return Turn.of(id, words, Carry.class, (q, hand) -> otherwise.of(q));
    }
}
