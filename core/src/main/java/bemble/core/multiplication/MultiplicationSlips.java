package bemble.core.multiplication;

import static bemble.core.hand.slipped.Slip.at;
import static bemble.core.hand.slipped.Slip.unwritten;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.multiplication.box.Cell;
import bemble.core.multiplication.box.Expanded;
import bemble.core.multiplication.box.Parts;
import bemble.core.multiplication.crosswise.CrossSum;
import bemble.core.multiplication.product.Product;
import bemble.core.multiplication.rows.MatchingColumns;
import bemble.core.multiplication.rows.Placeholders;
import bemble.core.multiplication.rows.WithCarry;
import bemble.core.multiplication.rows.ZeroRow;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.Digit;
import bemble.core.stack.Taken;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.Total;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopySlips;
import bemble.core.style.MethodName;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;

/**
 * The slips of multiplication: each is a hand that decides one kind of thing otherwise. Long, for it is one list, in which doubles would
 * be seen.
 */
public final class MultiplicationSlips {
    private static final Set<MethodName> LONG = Set.of(MethodName.LONG_MULTIPLICATION);
    private static final Set<MethodName> BOX = Set.of(MethodName.AREA);
    private static final Set<MethodName> CROSS = Set.of(MethodName.CROSSWISE);
    private static final String WHAT_WAITS =
            "Say both parts of each step aloud: 4 times 3 is 12, and the 2 that waits is 14. Tick the small figure when it has been added; see whether each has its tick.";

    public static final List<KnownSlip> ALL = List.of(
            slip(LONG, "placeholder-forgotten", "no placeholder zeros", "begins every row in the ones column",
                    Met.OFTEN,
                    "Ask what the 2 of 21 stands for: 20. So the row is 25 × 20, and it ends in a 0 that is written first. Then "
                            + "32 × 14; see whether the second row begins with its 0.",
                    at(Placeholders.class, (q, hand) -> 0)),
            slip(LONG, "carry-forgotten", "carry not added", "never adds a carry inside a row", Met.OFTEN, WHAT_WAITS,
                    at(WithCarry.class, (q, hand) -> q.product())),
            slip(LONG, "carry-added-first", "carry added first", "adds the carry before multiplying", Met.SOMETIMES,
                    "Say it in two breaths: 8 times 1 ten is 8 tens; and the 1 that waits makes 9. Then 13 × 7; see whether "
                            + "multiplying comes before adding.",
                    at(WithCarry.class, (q, hand) -> q.factor() * (q.top() + q.carryIn()))),
            slip(LONG, "zero-keeps-the-digit", "times 0 keeps number", "takes a number times 0 to be the number",
                    Met.SOMETIMES,
                    "No bags of 7 apples: how many apples are there? Say 5 times 0 is 0. Then 40 × 6 and 203 "
                            + "× 3; see whether the 0 times gives 0.",
                    at(Product.class, (q, hand) -> q.factor() == 0 || q.top() == 0 ? q.factor() + q.top() : null)
                            .and(at(ZeroRow.class, (q, hand) -> q.digit() == 0 && q.topIsZero()))),
            slip(LONG, "matching-columns-only", "only matching columns", "multiplies only what stands under each other",
                    Met.SOMETIMES,
                    "Draw the box with 20 and 5 along the top and 20 and 1 at the side: how many fields has it? Four. Then 23 × "
                            + "12; see whether all four products are found.",
                    at(ChosenMethod.class, (q, hand) -> new MatchingColumns())),
            slip(LONG, "sum-carry-forgotten", "rows: carry not added", "adds the rows without carries", Met.SOMETIMES,
                    "Copy the rows as a sum of its own, with H, T, O over it, and lay its carries with counters. Then 96 × 18; "
                            + "see whether a small figure stands in the sum.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip(LONG, "zero-row-without-shift", "0 row: shift lost", "skips the row of a 0 and its shift too",
                    Met.OFTEN,
                    "Write at the side of each row what it is worth: 654 × 0 ones, × 40, × 100. Then 213 × 104; see whether the "
                            + "last row ends in two zeros.",
                    at(Placeholders.class, (q, hand) -> q.rowsBefore())),
            slip(LONG, "one-placeholder-always", "one placeholder always",
                    "writes one placeholder in every row after the first",
                    Met.OFTEN,
                    "Write at the side of each row what it is worth: × 4, × 40, × 100. As many zeros as the worth has. Then 132 "
                            + "× 213; see whether the third row has two.",
                    at(Placeholders.class, (q, hand) -> Math.min(q.place(), 1))),
            slip(LONG, "fact-known-wrongly", "a fact known wrongly",
                    "always has one fact of the tables wrong",
                    Met.OFTEN,
                    "Find the fact from one that is sure: 8 × 7 is 4 × 7 twice, 28 and 28. Ask it again each "
                            + "day for a week; see whether it comes without counting.",
                    wrongly(8, 7, -2))
                            .members(MultiplicationSlips::factsKnownWrongly),
            slip(LONG, "every-product-whole", "products written whole", "writes every product whole", Met.OFTEN,
                    "One digit a square: 16 is 1 ten and 6 ones, the 6 is written and the 1 waits. Then 24 × "
                            + "7; see whether the 2 of 28 waits over the tens.",
                    at(Digit.class, (q, hand) -> q.ofProduct() ? q.total() : null)
                            .and(at(Carry.class, (q, hand) -> q.ofProduct() ? 0 : null))
                            .and(at(InFront.class, (q, hand) -> q.ofProduct() ? 0 : null))),
            slip(LONG, "carry-lost-over-zero", "carry lost over 0", "loses the carry where the digit above is 0",
                    Met.OFTEN,
                    "Ask: 8 times 0 is nothing, and what waits? The 1 comes down. Then 204 × 6; see whether the 2 that waits "
                            + "stands in the tens.",
                    at(WithCarry.class, (q, hand) -> q.top() == 0 ? q.product() : null)),
            slip(LONG, "old-carry-again", "carry of the row before used again", "adds a carry of the row before again",
                    Met.SOMETIMES,
                    "Strike the carries of the first row before the second is begun, or write them in another colour. Then 67 × "
                            + "34; see whether old ones are crossed out.",
                    at(WithCarry.class, (q, hand) -> q.carryBefore() > 0 ? hand.decide(q) + q.carryBefore() : null)),
            slip(LONG, "carry-swapped", "digit and carry swapped", "writes the tens digit and carries the ones digit",
                    Met.SOMETIMES,
                    "Say each product as tens and ones before writing: 16 is 1 ten and 6 ones, and the 6 is "
                            + "written. Then 14 × 7; see whether the 8 of 28 stands in the ones.",
                    at(Digit.class, (q, hand) -> q.ofProduct() && !q.last() && q.total() > 9 ? q.total() / 10 : null)
                            .and(at(Carry.class, (q, hand) -> q.ofProduct() && q.total() > 9 ? q.total() % 10 : null))),
            slip(LONG, "later-row-one-product", "only tens by tens", "multiplies only tens by tens in the second row",
                    Met.SOMETIMES,
                    "Draw the box and colour the lower row: it has two fields, 20 × 20 and 20 × 5. Then 25 × 21; see whether "
                            + "the second row has both.",
                    at(Product.class, (q, hand) -> q.row() > 0 && q.place() != 2 * q.row() ? 0 : null)),
            slip(LONG, "added-instead", "added instead of multiplied", "adds", Met.SOMETIMES,
                    "Draw 5 rows of 10 dots: are that 15? Ring the sign. Then sums and products mixed; see whether 3 × 4 is "
                            + "begun as rows.",
                    at(ChosenMethod.class, (q, hand) -> new AddedInstead())),
            slip(LONG, "last-row-only", "rows not added", "does not add the rows and writes one of them for the answer",
                    Met.SOMETIMES,
                    "Say what the rows are: 25 × 1 and 25 × 20 are both parts of the answer. Then 23 × 12; "
                            + "see whether both rows go into the sum.",
                    Taken.onlyOne(-1))
                            .ways(problem -> List.of(Taken.onlyOne(-1), Taken.onlyOne(0))),
            slip(LONG, "placeholder-in-first-row", "placeholder in first row",
                    "writes a placeholder in the first row too",
                    Met.RARE,
                    "Ask what the first row is worth: times 5 ones, nothing moves. The zero is for the tens row. Then 24 × 3 "
                            + "and 24 × 30 beside each other; see where a 0 is set.",
                    at(Placeholders.class, (q, hand) -> q.place() == 0 ? 1 : null)),
            slip(LONG, "placeholder-too-many", "one placeholder too many", "writes one placeholder too many", Met.RARE,
                    "Say the row aloud: 25 × 20 is 500. Can it be 5000? Then 31 × 21; see whether the second row has one zero, "
                            + "no more.",
                    at(Placeholders.class, (q, hand) -> q.place() > 0 ? q.place() + 1 : null)),
            slip(LONG, "row-cut-short", "row's front left off", "leaves off what stands in front of a row's last digit",
                    Met.SOMETIMES,
                    "Estimate the row: 5 twenties are 100, so a 0 alone is far too little. Then 300 × 4; see "
                            + "whether the 12 is written whole.",
                    at(InFront.class, (q, hand) -> q.ofProduct() ? 0 : null)),
            slip(LONG, "sum-cut-short", "sum's front left off", "leaves off the last carry when adding the rows",
                    Met.SOMETIMES,
                    "Estimate first: 96 × 18 is about 2000. Can 728 be right? The last total is written whole. Then 78 × 19; "
                            + "see whether the thousand is there.",
                    at(InFront.class, (q, hand) -> q.ofProduct() ? null : 0)),
            slip(LONG, "carry-added-twice", "carry added twice", "adds a carry twice inside a row", Met.SOMETIMES,
                    "Put a counter on the carry and take it away when it is added. Then 16 × 7; see whether 4 is added once: 7 "
                            + "and 4 make 11.",
                    at(WithCarry.class, (q, hand) -> hand.decide(q) + q.carryIn())),
            slip(LONG, "last-carry-forgotten", "row's last carry lost", "forgets the carry in a row's last column",
                    Met.SOMETIMES,
                    "Ask at the end of the row: does anything still wait? Point to the small figures. Then 12 × 8; see whether "
                            + "the tens are 9.",
                    at(WithCarry.class, (q, hand) -> q.last() ? q.product() : null)),
            slip(LONG, "times-one-is-one", "times 1 gives 1", "takes a number times 1 to be 1", Met.SOMETIMES,
                    "One bag of 7 apples: how many apples are there? Then 43 × 1 and 31 × 4; see whether 4 "
                            + "times 1 is 4.",
                    at(Product.class,
                            (q, hand) -> q.factor() > 0 && q.top() > 0 && (q.factor() == 1 || q.top() == 1) ? 1
                                    : null)),
            slip(LONG, "row-missed", "row left out of sum", "leaves one row out when adding them", Met.SOMETIMES,
                    "Tick each row total as it goes into the sum. Then 25 × 21 in the box; see whether there are as many ticks "
                            + "as rows.",
                    Taken.without(-1)).ways(problem -> Taken.withoutEach(rows(problem))),
            slip(LONG, "product-added", "two digits added, not multiplied",
                    "adds two digits instead of multiplying them", Met.RARE,
                    "Say it as groups: 4 times 3 is 3 and 3 and 3 and 3. Then 12 × 4; see whether the ones "
                            + "come to 8.",
                    at(Product.class, (q, hand) -> q.factor() + q.top())),
            slip(LONG, "sum-carry-twice", "rows: carry twice", "adds a carry twice when adding the rows", Met.RARE,
                    "Put a counter on each carry of the sum and take it away when it is used. Then 96 × 18; see whether each is "
                            + "counted once.",
                    at(Total.class, (q, hand) -> q.carryIn() > 0 ? hand.decide(q) + q.carryIn() : null)),
            slip(LONG, "digits-turned", "two digits swapped in copying",
                    "copies two digits of a number the other way round", Met.OFTEN,
                    CopySlips.readBack("26 × 62"), CopySlips.turnedAtTheEnd()).ways(CopySlips::turnedDigits),
            slip(LONG, "last-zero-lost", "last 0 lost", "leaves a 0 off the end of the answer", Met.SOMETIMES,
                    "Estimate first: 10 fives are 50, two digits. Then 30 × 4 and 25 × 8; see whether 120 "
                            + "and 200 keep their zeros.",
                    AnswerSlips.lastZeroLost()),
            slip(LONG, "answer-reversed", "answer's digits reversed",
                    "writes the answer's digits in the opposite order", Met.RARE,
                    AnswerSlips.sayIt("12 × 7", "84"), AnswerSlips.reversed()),
            slip(LONG, "answer-digits-turned", "two digits of the answer turned",
                    "writes two digits of the answer the other way round", Met.SOMETIMES,
                    AnswerSlips.readTheHeads("213 × 3", "639"), AnswerSlips.turned(null).get(0))
                            .ways(AnswerSlips::turned),
            slip(LONG, "digit-misread", "a digit misread", "reads a digit as one that looks like it", Met.SOMETIMES,
                    CopySlips.lookAlike("306 × 7"),
                    CopySlips.misreadFirst()).ways(CopySlips::misread),
            slip(BOX, "cell-zero-missed", "a zero too few", "writes a zero too few in a cell", Met.OFTEN,
                    "Do it in two steps: 2 × 3 first, then ten times for each 0 at the edges. Then the cell "
                            + "of 20 and 30; see whether 600 stands there.",
                    cells((across, down) -> true, BigInteger.ONE, BigInteger.TEN))
                            .ways(problem -> eachCell(problem, BigInteger.ONE, BigInteger.TEN)),
            slip(BOX, "two-cells-only", "only matching parts", "fills only the cells of parts that match", Met.OFTEN,
                    "Colour the fields that are filled: two are white. Each part along the top meets each part at the side. "
                            + "Then 23 × 12 in the box; see whether no field is white.",
                    at(Cell.class, (q, hand) -> matches(q) ? null : BigInteger.ZERO)
                            .and(unwritten(Cell.class, (q, product) -> !matches(q)))),
            slip(BOX, "bare-digits-at-edges", "edges written without zeros", "writes bare digits at the edges",
                    Met.SOMETIMES,
                    "Say what each digit is worth: 46 is 40 and 6. Then the box for 34 × 5; see whether 30 "
                            + "stands at the edge.",
                    at(Parts.class,
                            (q, hand) -> hand.decide(q).stream().map(MultiplicationSlips::firstDigit).toList())),
            slip(BOX, "cell-missed", "a cell missed", "leaves a cell empty", Met.SOMETIMES,
                    "Count the fields before beginning, 2 by 2 are 4, and the products at the end. Then 34 × 25 in the box; see "
                            + "whether the two counts are the same.",
                    emptyCell(0, 0))
                            .ways(MultiplicationSlips::emptyCells),
            slip(BOX, "cell-zero-too-many", "a zero too many", "writes a zero too many in a cell", Met.SOMETIMES,
                    "Count the zeros at the two edges: so many are set behind the product, no more. Then the "
                            + "cell of 40 and 6; see whether 240 stands there.",
                    cells((across, down) -> true, BigInteger.TEN, BigInteger.ONE))
                            .ways(problem -> eachCell(problem, BigInteger.TEN, BigInteger.ONE)),
            slip(BOX, "sum-carry-forgotten", "rows: carry not added", "adds the row totals without carries",
                    Met.SOMETIMES,
                    "Add the row totals in columns on another paper, with the small figures. Then the box "
                            + "for 36 × 28; see whether a small figure stands in the sum.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip(BOX, "row-missed", "row left out of sum", "leaves one row out when adding them", Met.SOMETIMES,
                    "Draw a line from each row total down to the sum. Then the box for 34 × 12; see whether "
                            + "there are two lines.",
                    Taken.without(-1)).ways(problem -> Taken.withoutEach(rows(problem))),
            slip(BOX, "edge-part-missed", "part missed at edge", "leaves one part out at an edge", Met.SOMETIMES,
                    "Add the parts at the edge: do they make the number again? Then the box for 236 × 4; see "
                            + "whether 200, 30 and 6 stand there.",
                    withoutPart(true, -1))
                            .ways(MultiplicationSlips::withoutParts),
            slip(CROSS, "carry-forgotten", "carry not added", "never adds a carry", Met.OFTEN,
                    "Say what waits before the next crossing: 12, and the 2 that waits, are 14. Tick it when "
                            + "it is added. Then 34 × 26 crosswise; see whether the 2 of 24 is ticked.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip(CROSS, "both-digits-written", "totals written whole", "writes every total whole", Met.OFTEN,
                    "Each column of the answer has one square: the ones of the total stay, its tens wait for "
                            + "the next. Then 23 × 14 crosswise; see whether the 1 of 12 waits.",
                    at(Digit.class, (q, hand) -> q.total()).and(at(Carry.class, (q, hand) -> 0))
                            .and(at(InFront.class, (q, hand) -> 0))),
            slip(CROSS, "one-product-missed", "a crossing missed", "takes only the first product of a column",
                    Met.SOMETIMES,
                    "Draw the crossing lines and count them: each is a product. Then 23 × 14 crosswise; see "
                            + "whether 2 × 4 and 3 × 1 are both in the tens.",
                    at(CrossSum.class, (q, hand) -> q.products().size() > 1 ? q.products().get(0) : null)),
            slip(CROSS, "crossings-left-out", "crossings left out", "leaves out the crossing products", Met.OFTEN,
                    "Draw the two lines that cross between the digits and say each product. Then 23 × 12; see whether 2 × 2 and "
                            + "3 × 1 are both added in the tens.",
                    at(CrossSum.class, (q, hand) -> q.place() % 2 > 0 ? 0
                            : q.products().get(q.products().size() / 2))));

    private MultiplicationSlips() {}

    private static KnownSlip slip(Set<MethodName> methods, String id, String name, String label, Met met, String help,
            Slip slip) {
        return KnownSlip.of(id, methods, name, label, met, help, slip);
    }

    private static int rows(Problem problem) {
        return problem.operands().stream().mapToInt(Numeral::length).max().orElseThrow();
    }

    /** One fact taken for so much more or less than it is, wherever it comes. */
    private static Slip wrongly(int factor, int top, int by) {
        return at(Product.class, (q, hand) -> Math.min(q.factor(), q.top()) == Math.min(factor, top)
                && Math.max(q.factor(), q.top()) == Math.max(factor, top) ? factor * top + by : null);
    }

    /** Every fact that may come in a problem, missed in the ways in which facts are mixed up: by 1, 2, 10, a group, or turned round. */
    private static Map<String, Slip> factsKnownWrongly(Problem problem) {
        Map<String, Slip> slips = new LinkedHashMap<>();
        for (char one : problem.operands().get(0).digits().toCharArray()) {
            for (char other : problem.operands().get(1).digits().toCharArray()) {
                int less = Math.min(one, other) - '0';
                int more = Math.max(one, other) - '0';
                int product = less * more;
                for (int wrong : less < 2 ? new int[0]
                        : new int[] {product - 1, product + 1, product - 2, product + 2, product - 10,
                            product + 10, product - less, product + less, product - more, product + more,
                            product % 10 * 10 + product / 10}) {
                    if (wrong >= 0 && wrong != product) {
                        slips.put(less + "x" + more + "=" + wrong, wrongly(less, more, wrong - product));
                    }
                }
            }
        }
        return slips;
    }

    private static boolean matches(Cell cell) {
        return cell.across().toString().length() == cell.down().toString().length();
    }

    private static BigInteger firstDigit(BigInteger part) {
        return new BigInteger(part.toString().substring(0, 1));
    }

    /** So many times too much in some cells, and so many times too little. */
    private static Slip cells(BiPredicate<Integer, Integer> which, BigInteger times, BigInteger over) {
        return at(Cell.class, (q, hand) -> {
            boolean bothRound = q.across().compareTo(BigInteger.TEN) >= 0 && q.down().compareTo(BigInteger.TEN) >= 0;
            return which.test(q.row(), q.column()) && bothRound ? hand.decide(q).multiply(times).divide(over) : null;
        });
    }

    private static Slip cell(int row, int column, BigInteger times, BigInteger over) {
        return at(Cell.class, (q, hand) -> {
            boolean round = q.across().compareTo(BigInteger.TEN) >= 0 || q.down().compareTo(BigInteger.TEN) >= 0;
            return q.row() == row && q.column() == column && round ? hand.decide(q).multiply(times).divide(over) : null;
        });
    }

    private static List<Slip> eachCell(Problem problem, BigInteger times, BigInteger over) {
        List<Slip> slips = new ArrayList<>(List.of(cells((row, column) -> true, times, over)));
        for (int row = 0; row < Expanded.of(problem.operands().get(1)).size(); row++) {
            for (int column = 0; column < Expanded.of(problem.operands().get(0)).size(); column++) {
                slips.add(cell(row, column, times, over));
            }
        }
        return slips;
    }

    private static Slip emptyCell(int row, int column) {
        return at(Cell.class,
                (Cell q, bemble.core.hand.Hand hand) -> q.row() == row && q.column() == column ? BigInteger.ZERO : null)
                        .and(unwritten(Cell.class, (q, product) -> q.row() == row && q.column() == column));
    }

    private static List<Slip> emptyCells(Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (int row = 0; row < Expanded.of(problem.operands().get(1)).size(); row++) {
            for (int column = 0; column < Expanded.of(problem.operands().get(0)).size(); column++) {
                slips.add(emptyCell(row, column));
            }
        }
        return slips;
    }

    private static Slip withoutPart(boolean across, int which) {
        return at(Parts.class, (q, hand) -> {
            List<BigInteger> parts = new ArrayList<>(hand.decide(q));
            int index = which < 0 ? parts.size() - 1 : which;
            if (q.across() != across) {
                return null;
            }
            if (parts.size() < 2 || index >= parts.size()) {
                throw new Stuck("there is no such part");
            }
            parts.remove(index);
            return parts;
        });
    }

    private static List<Slip> withoutParts(Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (int i = 0; i < rows(problem); i++) {
            slips.add(withoutPart(true, i));
            slips.add(withoutPart(false, i));
        }
        return slips;
    }
}
