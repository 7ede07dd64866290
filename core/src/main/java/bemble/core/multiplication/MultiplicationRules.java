package bemble.core.multiplication;

import static bemble.core.rule.Guard.when;

import bemble.core.hand.Hand;
import bemble.core.hand.slipped.Slip;
import bemble.core.multiplication.product.Product;
import bemble.core.multiplication.rows.Placeholders;
import bemble.core.multiplication.rows.WithCarry;
import bemble.core.problem.Problem;
import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.Digit;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.Total;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopyRules;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import org.jspecify.annotations.Nullable;

/** What may be decided otherwise in a long multiplication, and when. */
public final class MultiplicationRules {
    private static final Set<MethodName> LONG = Set.of(MethodName.LONG_MULTIPLICATION);
    private static final String BOX = "The box beside the row: every part is there and is added.";

    public static final List<Theme<?>> ALL = List.of(
            new Theme<>("product", LONG, List.of(
                    product("zero", "makes the product 0", q -> 0),
                    product("one", "makes the product 1", q -> 1),
                    product("upper", "takes the upper digit for the product", Product::top),
                    product("lower", "takes the lower digit for the product", Product::factor),
                    product("added", "adds the two digits", q -> q.factor() + q.top()),
                    product("one-group-more", "takes one group too many", q -> q.careful() + q.factor()),
                    product("one-group-less", "takes one group too few", q -> q.careful() - q.factor()),
                    product("one-more", "makes the product one more", q -> q.careful() + 1),
                    product("one-less", "makes the product one less", q -> q.careful() - 1),
                    product("turned", "turns the product's digits round",
                            q -> q.careful() > 9 ? q.careful() % 10 * 10 + q.careful() / 10 : q.careful())),
                    List.of(Guard.always(),
                            when("zero", "where a digit is 0", q -> q.factor() == 0 || q.top() == 0),
                            when("upper-0", "where the upper digit is 0", q -> q.top() == 0),
                            when("one", "where a digit is 1", q -> q.factor() == 1 || q.top() == 1),
                            when("nine", "where a digit is 9", q -> q.factor() == 9 || q.top() == 9),
                            when("eight", "where a digit is 8", q -> q.factor() == 8 || q.top() == 8),
                            when("seven", "where a digit is 7", q -> q.factor() == 7 || q.top() == 7),
                            when("six", "where a digit is 6", q -> q.factor() == 6 || q.top() == 6),
                            when("five", "where a digit is 5", q -> q.factor() == 5 || q.top() == 5),
                            when("equal", "where both digits are equal", q -> q.factor() == q.top()),
                            new Guard<>("last", "with the first digit of the upper number",
                                    (q, problem) -> q.place() - q.row() == highest(problem)),
                            when("first", "with the last digit of the upper number", q -> q.place() == q.row()),
                            when("later-row", "in every row but the first", q -> q.row() > 0),
                            when("unmatched", "where the two digits do not stand under each other",
                                    q -> q.place() - q.row() != q.row()),
                            when("unmatched-later",
                                    "where the two digits do not stand under each other, but not in the first row",
                                    q -> q.row() > 0 && q.place() - q.row() != q.row()),
                            when("first-row", "in the first row", q -> q.row() == 0)),
                    BOX),
            new Theme<>("with-carry", LONG, List.of(
                    carried("no-carry", "does not add the carry", q -> q.product()),
                    carried("twice", "adds the carry twice", q -> q.product() + 2 * q.carryIn()),
                    carried("old-one", "adds the carry of the row before too",
                            q -> q.product() + q.carryIn() + q.carryBefore()),
                    carried("first", "adds the carry before multiplying", q -> q.factor() * (q.top() + q.carryIn())),
                    carried("one-only", "adds 1 for the carry", q -> q.product() + 1),
                    carried("one-more", "adds one more than the carry", q -> q.product() + q.carryIn() + 1),
                    carried("away", "takes the carry away", q -> q.product() - q.carryIn())),
                    List.of(Guard.always(),
                            when("last", "in a row's last column", WithCarry::last),
                            when("not-last", "in every column of a row but the last", q -> !q.last()),
                            when("upper-0", "where the upper digit is 0", q -> q.top() == 0),
                            when("upper-not-0", "where the upper digit is not 0", q -> q.top() > 0),
                            when("big", "where the carry is more than 1", q -> q.carryIn() > 1),
                            when("one", "where the carry is 1", q -> q.carryIn() == 1),
                            when("over-ten", "where the product is ten or more", q -> q.product() > 9),
                            when("under-ten", "where the product is less than ten", q -> q.product() < 10)),
                    BOX),
            new Theme<>("row-carry", LONG, List.of(
                    rowCarry("none", "carries nothing", q -> 0),
                    rowCarry("one", "carries 1", q -> q.total() > 9 ? 1 : null),
                    rowCarry("ones", "carries the ones digit", q -> q.total() > 9 ? q.total() % 10 : null),
                    rowCarry("one-more", "carries one more", q -> q.total() > 9 ? q.total() / 10 + 1 : null)),
                    List.of(Guard.always(),
                            when("big", "where more than 1 is to be carried", q -> q.total() > 19),
                            when("round", "where the total ends in 0", q -> q.total() > 9 && q.total() % 10 == 0),
                            when("first", "out of a row's first column", q -> q.carryIn() == 0)),
                    BOX),
            new Theme<>("row-digit", LONG, List.of(
                    rowDigit("tens", "writes the tens digit of a total", q -> q.total() > 9 ? q.total() / 10 : null),
                    rowDigit("zero", "writes 0", q -> 0)),
                    List.of(Guard.always(), when("last", "in a row's last column", Digit::last),
                            when("not-last", "in every column of a row but the last", q -> !q.last()),
                            when("round", "where the total ends in 0", q -> q.total() > 9 && q.total() % 10 == 0)),
                    BOX),
            new Theme<>("row-front", LONG, List.of(
                    Turn.of("none", "writes nothing in front of a row's last digit", InFront.class,
                            (q, hand) -> q.ofProduct() ? 0 : null)),
                    List.of(Guard.always(), when("big", "where more than 1 is to stand there", q -> q.total() > 19)),
                    BOX),
            new Theme<>("placeholders", LONG, List.of(
                    places("none", "writes no placeholder", q -> 0),
                    places("one", "writes one placeholder", q -> 1),
                    places("one-more", "writes one placeholder too many", q -> q.place() + 1),
                    places("one-less", "writes one placeholder too few", q -> Math.max(0, q.place() - 1))),
                    List.of(Guard.always(), when("second", "in the second row", q -> q.place() == 1),
                            when("third", "in the third row", q -> q.place() == 2),
                            when("later", "in every row but the first", q -> q.place() > 0),
                            when("upper-round", "where the upper number ends in 0", q -> q.top().digit(0) == 0)),
                    BOX),
            new Theme<>("rows-total", LONG, List.of(
                    rows("no-carry", "does not add a carry of the rows", q -> q.careful() - q.carryIn()),
                    rows("carry-twice", "adds a carry of the rows twice", q -> q.careful() + q.carryIn()),
                    rows("one-more", "makes a total of the rows one more", q -> q.careful() + 1),
                    rows("upper", "takes the upper row's digit for the total", q -> q.digits().get(0) + q.carryIn()),
                    rows("lower", "takes the lower row's digit for the total",
                            q -> q.digits().get(q.digits().size() - 1) + q.carryIn()),
                    rows("apart", "takes the rows from each other", q -> q.digits().size() == 2
                            ? Math.abs(q.digits().get(0) - q.digits().get(1)) + q.carryIn() : q.careful())),
                    List.of(Guard.always(), when("lone", "where a digit stands alone", q -> q.digits().size() == 1),
                            when("tens", "in the tens column", q -> q.place() == 1),
                            when("zero", "where a digit is 0", q -> q.digits().contains(0)),
                            when("not-lone", "where there are two digits", q -> q.digits().size() > 1)),
                    BOX),
            new Theme<>("row-split", LONG, List.of(
                    split("swapped", "writes the tens digit of a product and carries the ones digit",
                            total -> total / 10, total -> total % 10),
                    split("both", "writes a product whole and carries nothing", total -> total, total -> 0),
                    split("tens-only", "writes the tens digit of a product and carries nothing", total -> total / 10,
                            total -> 0)),
                    List.of(Guard.always(), when("round", "where it ends in 0", total -> total % 10 == 0)), BOX),
            CopyRules.read(LONG), CopyRules.answer(LONG, AnswerSlips::written));

    /** The digit that is written and what is carried belong together. */
    private static Turn<Integer> split(String id, String words, IntUnaryOperator written, IntUnaryOperator carried) {
        return new Turn<>(id, words,
                here -> Slip
                        .at(Digit.class, (Digit q, Hand hand) -> q.ofProduct() && q.total() > 9 && here.test(q.total())
                                && (!q.last() || written.applyAsInt(q.total()) > 9)
                                        ? (Integer) written.applyAsInt(q.total()) : null)
                        .and(Slip.at(Carry.class,
                                (Carry q, Hand hand) -> q.ofProduct() && q.total() > 9 && here.test(q.total())
                                        ? (Integer) carried.applyAsInt(q.total()) : null))
                        .and(Slip.at(InFront.class,
                                (InFront q,
                                        Hand hand) -> q.ofProduct() && q.total() > 9 && here.test(q.total())
                                                && written.applyAsInt(q.total()) > 9
                                                        ? (Integer) 0 : null)));
    }

    private MultiplicationRules() {}

    private static int highest(Problem problem) {
        return Math.max(problem.operands().get(0).highest(), problem.operands().get(1).highest());
    }

    private interface Otherwise<Q> {
        @Nullable
        Integer of(Q question);
    }

    private static Turn<Product> product(String id, String words, Otherwise<Product> otherwise) {
        return Turn.of(id, words, Product.class, (q, hand) -> Turn.notBelow(otherwise.of(q)));
    }

    private static Turn<WithCarry> carried(String id, String words, Otherwise<WithCarry> otherwise) {
        return Turn.of(id, words, WithCarry.class,
                (q, hand) -> q.carryIn() == 0 ? null : Turn.notBelow(otherwise.of(q)));
    }

    private static Turn<Carry> rowCarry(String id, String words, Otherwise<Carry> otherwise) {
        return Turn.of(id, words, Carry.class, (q, hand) -> q.ofProduct() ? otherwise.of(q) : null);
    }

    private static Turn<Digit> rowDigit(String id, String words, Otherwise<Digit> otherwise) {
        return Turn.of(id, words, Digit.class, (q, hand) -> q.ofProduct() ? otherwise.of(q) : null);
    }

    private static Turn<Placeholders> places(String id, String words, Otherwise<Placeholders> otherwise) {
        return Turn.of(id, words, Placeholders.class, (q, hand) -> otherwise.of(q));
    }

    private static Turn<Total> rows(String id, String words, Otherwise<Total> otherwise) {
        return Turn.of(id, words, Total.class, (q, hand) -> otherwise.of(q));
    }
}
