package bemble.core.subtraction;

import static bemble.core.hand.slipped.Slip.at;
import static bemble.core.hand.slipped.Slip.unwritten;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.stack.PointGoes;
import bemble.core.stack.Taken;
import bemble.core.stack.adding.GoesTo;
import bemble.core.stack.adding.Total;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopySlips;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.Difference;
import bemble.core.subtraction.column.Lowered;
import bemble.core.subtraction.column.NeedsTen;
import bemble.core.subtraction.column.Raised;
import bemble.core.subtraction.counting.JumpSize;
import bemble.core.subtraction.equal.BelowAltogether;
import bemble.core.subtraction.equal.OneBelow;
import bemble.core.subtraction.exchange.Giver;
import bemble.core.subtraction.exchange.Receiver;
import bemble.core.subtraction.exchange.TopKept;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * The slips of subtraction: each is a hand that decides one kind of thing otherwise. Long, for it is one list, in which doubles would
 * be seen.
 */
public final class SubtractionSlips {
    private static final Set<MethodName> EXCHANGE = Set.of(MethodName.DECOMPOSITION);
    private static final Set<MethodName> BOTH = Set.of(MethodName.DECOMPOSITION, MethodName.EQUAL_ADDITIONS);
    private static final Set<MethodName> EQUAL = Set.of(MethodName.EQUAL_ADDITIONS);
    private static final Set<MethodName> COUNTING = Set.of(MethodName.COUNTING_UP);

    private static final Slip TURNED_ROUND = at(NeedsTen.class, (q, hand) -> false)
            .and(at(Difference.class, (q, hand) -> Math.abs(q.top() - q.away())));
    private static final Slip NOT_PAID = at(Giver.class, (q, hand) -> q.place() + 1)
            .and(at(Lowered.class, (q, hand) -> q.before())).and(at(OneBelow.class, (q, hand) -> 0));

    public static final List<KnownSlip> ALL = List.of(
            slip(BOTH, "smaller-from-larger", "column turned round",
                    "turns the column round where the top digit is too small",
                    Met.OFTEN,
                    "Lay 42 with blocks and ask for 8 ones: there are 2, so a ten is broken first. Then 42 − 8 on paper; see "
                            + "whether the 4 is struck before anything is taken.",
                    TURNED_ROUND),
            slip(BOTH, "exchange-not-paid", "ten not paid for", "takes the ten and does not pay for it", Met.OFTEN,
                    "Let the child pay with real tens: whoever gets ten ones hands a ten over, and 9 tens become 8. Then 64 − "
                            + "28; see whether the 6 is struck before the ones are taken.",
                    NOT_PAID),
            slip(EXCHANGE, "zero-takes-the-digit", "lower digit written under a 0", "under a 0 writes the lower digit",
                    Met.OFTEN,
                    "Lay 50: five tens and no ones. 4 ones are to go, so a ten is broken first. Then 70 − "
                            + "36; see whether the 7 is struck before the ones are written.",
                    underZero().and(at(Difference.class, (q, hand) -> isStuckZero(q) ? q.away() : null))),
            slip(EXCHANGE, "zero-gives-zero", "0 written under a 0", "under a 0 writes 0", Met.OFTEN,
                    "Ask with counters: none lie there and 4 are to go. Is nothing left, or is a ten needed? "
                            + "Then 60 − 25; see whether a small 1 stands before the 0.",
                    underZero().and(at(Difference.class, (q, hand) -> isStuckZero(q) ? 0 : null))),
            slip(EXCHANGE, "nines-for-free", "nines not paid for", "turns zeros into nines and pays nothing",
                    Met.SOMETIMES,
                    "Write the exchange in values: 500 = 400 + 90 + 10, and count that it is still 500. Then "
                            + "402 − 158; see whether the 4 becomes 3.",
                    at(Lowered.class, (q, hand) -> q.first() && q.place() > q.needing() + 1 ? q.before() : null)),
            slip(EXCHANGE, "zeros-skipped", "zeros skipped", "takes the ten straight across the zeros", Met.OFTEN,
                    "Lay 501 with blocks and try to break a ten: there is none. So a hundred becomes 10 tens, and one of those "
                            + "10 ones. Then 302 − 115; see whether a 9 stands over the 0.",
                    at(Receiver.class, (q, hand) -> q.needing())),
            slip(BOTH, "added-instead", "added instead of taken away", "adds", Met.SOMETIMES,
                    "Ask before beginning: will there be more or less than 82? Ring the sign. Then sums and differences mixed; "
                            + "see whether the answers of the differences are smaller.",
                    at(ChosenMethod.class, (q, hand) -> new AddedInstead())),
            slip(BOTH, "lined-up-left", "lined up at the left", "lines the numbers up at the left", Met.SOMETIMES,
                    "Squared paper with H, T, O over the columns: write 4 under 83, ones first. Then 156 − 7; see where the 7 "
                            + "stands.",
                    CopySlips.linedUpLeft()),
            any(EXCHANGE, "ten-stays-ten", "10 not lowered to 9",
                    "leaves a 0 that was given ten at 10 when it gives one on",
                    Met.OFTEN,
                    "Lay 501, break the hundred into 10 tens, then break one ten: count the tens that are left. Nine. Then 403 "
                            + "− 128; see whether the 10 is struck and a 9 written.",
                    at(Lowered.class, (q, hand) -> q.first() ? null : q.before())),
            any(EXCHANGE, "turned-at-zero", "turned round beside 0", "stops at a 0 and turns the column round",
                    Met.OFTEN,
                    "Cover all but the 0 and ask: can a ten be got here? Not yet; go on to the hundreds. Then 501 − 107 with "
                            + "blocks; see whether the child goes on instead of turning the column.",
                    at(NeedsTen.class, (q, hand) -> q.left() == 0 && q.top() < q.bottom() ? false : null)
                            .and(turnedWhereStuck())),
            any(BOTH, "later-column-turned", "later column turned",
                    "turns a column round where a second one needs a ten",
                    Met.OFTEN,
                    "Lay 511 − 117 with blocks as far as the tens: after giving one there is none left. Ask for 1 ten. Then 423 "
                            + "− 156; see whether the second column is exchanged like the first.",
                    laterTurned(1)).ways(problem -> List.of(laterTurned(1), laterTurned(9))),
            any(BOTH, "too-little-gives-zero", "0 where too little", "writes 0 where too little stands above",
                    Met.OFTEN,
                    "Ask with 2 counters on the table: I want 5, do I get none and are we done? No, a ten is broken. Then 92 − "
                            + "15; see whether a 7 stands in the ones.",
                    at(NeedsTen.class, (q, hand) -> false)
                            .and(at(Difference.class, (q, hand) -> q.top() < q.away() ? 0 : null))),
            any(BOTH, "counted-one-over", "counted one over", "counts back and ends one over", Met.OFTEN,
                    "Number line: from 12 the first jump back lands on 11. Take 4 from 12 together: it ends "
                            + "at 8. Then 15 − 6 without the line; see whether the count begins at 14.",
                    at(Difference.class, (q, hand) -> q.isWorked() && q.away() > 0 ? hand.decide(q) + 1 : null)),
            any(BOTH, "zero-taken-is-zero", "minus 0 gives 0", "takes a number less 0 to be 0", Met.OFTEN,
                    "Six counters lie there and none go: how many are left? Then 68 − 20 and 542 − 101; see "
                            + "whether the 8 and the 4 are in the answers.",
                    at(Difference.class, (q, hand) -> q.hasBottom() && q.away() == 0 ? 0 : null)),
            any(BOTH, "lone-digit-left-off", "lone digit left off", "leaves off a digit with nothing below it",
                    Met.OFTEN,
                    "Ask what happens to the 8 tens of 83 when 4 ones go: nothing, they stay and are written. Then 157 − 6; see "
                            + "whether the answer has as many digits as it must.",
                    unwritten(Difference.class, (q, digit) -> !q.hasBottom())),
            any(BOTH, "copied-from-below", "lower decimals copied",
                    "copies decimals from below where nothing stands above",
                    Met.OFTEN,
                    "Write 59 as 59.000 first: then nothing, take away something, is seen. Then 7 − 0.25; see whether the 0s "
                            + "are written before the child begins.",
                    at(NeedsTen.class, (q, hand) -> q.hasTop() ? null : false)
                            .and(at(Difference.class, (q, hand) -> q.hasTop() ? null : q.away())))
                                    .in(Numbers.WITH_DECIMALS),
            any(BOTH, "lined-up-right", "points not lined up", "lines numbers with decimals up at the right", Met.OFTEN,
                    "Draw the line of the points first, then write both numbers along it. Then 62 − 0.08; see whether the 0 "
                            + "ones stand below the 2.",
                    CopySlips.linedUpRight()).in(Numbers.WITH_DECIMALS),
            any(EXCHANGE, "ten-in-every-column", "ten taken in every column", "takes a ten in every column",
                    Met.SOMETIMES,
                    "Ask first in each column: is there enough? Only then exchange. Then 82 − 11 and 82 − "
                            + "15; see whether only in the second the 8 is struck.",
                    at(NeedsTen.class, (q, hand) -> q.last() || q.left() < 0 ? null : true)
                            .and(at(Difference.class,
                                    (q, hand) -> q.top() - q.away() > 9 ? (q.top() - q.away()) % 10 : null))),
            any(EXCHANGE, "from-far-left", "ten taken from the far left", "takes the ten from the far left",
                    Met.SOMETIMES,
                    "Blocks on a mat with columns: one only walks one column at a time. From the hundreds to the tens, then to "
                            + "the ones. Then 711 − 407; see whether the neighbour is struck.",
                    at(Giver.class, (q, hand) -> q.highest() > q.place() ? q.highest() : null)
                            .and(at(Receiver.class, (q, hand) -> q.needing()))),
            any(EXCHANGE, "neighbour-raised", "neighbour one more, or digit below one less",
                    "makes the neighbour one more, or the digit below it one less", Met.SOMETIMES,
                    "Ask who gives and who gets: the neighbour gives one, so it becomes one less. Take 52 − 17 in values, 50 + 2 = 40 + 12; see that both sides come to 52.",
                    at(Lowered.class, (q, hand) -> q.before() + 1)),
            any(EXCHANGE, "digit-forgotten", "taken from 10 alone",
                    "takes from ten and forgets the digit that was there",
                    Met.SOMETIMES,
                    "Ask what lies there now: the ten that came and the ones that were there. Take 52 − 17 with the small 1 written before the 2; it is read as 12.",
                    at(Raised.class, (q, hand) -> q.place() == q.needing() ? 10 : null)),
            any(EXCHANGE, "lowered-twice", "lowered twice beyond zeros", "lowers the digit beyond the zeros twice",
                    Met.SOMETIMES,
                    "Count the hundreds after one was broken: one less, not two. Each strike stands for one block. Then 501 − "
                            + "107; see whether the 5 is struck once only.",
                    at(Lowered.class, (q, hand) -> q.first() && q.place() > q.needing() + 1
                            ? less(q.before(), 2) : null)),
            any(EXCHANGE, "became-zero-takes-below", "lower digit under a digit that became 0",
                    "under a digit that became 0 writes the lower digit", Met.SOMETIMES,
                    "Read the column as it is now, not as it was: 0, take away 1. Is there enough? Then 511 − 117; see whether "
                            + "the 0 is given ten before it is used.",
                    underNewZero().and(at(Difference.class, (q, hand) -> isNewZero(q) ? q.away() : null))),
            any(EXCHANGE, "became-zero-gives-zero", "0 under a digit that became 0",
                    "under a digit that became 0 writes 0", Met.SOMETIMES,
                    "Show the column with blocks after it gave one: nothing lies there, and 1 is to go. A hundred is broken. "
                            + "Then 712 − 318; see what is written in the tens.",
                    underNewZero().and(at(Difference.class, (q, hand) -> isNewZero(q) ? 0 : null))),
            any(EXCHANGE, "zero-is-ten", "0 taken as 10", "takes a 0 for ten and pays nothing", Met.SOMETIMES,
                    "Nothing comes from nothing: a ten is got from the neighbour, and the neighbour is struck. Take 50 − 24 with money; see whether one ten coin less is left.",
                    underZero().and(at(Difference.class, (q, hand) -> isStuckZero(q) ? 10 - q.away() : null))),
            any(EXCHANGE, "lowered-by-two", "neighbour lowered by 2", "lowers the neighbour by 2", Met.RARE,
                    "One ten was given, so the neighbour is one less. Say it while writing: 9 tens give one, 8 are left; see whether the word and the figure agree.",
                    at(Lowered.class, (q, hand) -> q.first() ? less(q.before(), 2) : null)),
            any(EXCHANGE, "nine-not-ten", "9 given, not 10", "gives the column 9 instead of 10 across zeros", Met.RARE,
                    "Hand the child the ten that was broken and let them count: 10 ones, and the 1 there makes 11. Then 501 − "
                            + "107; see whether the ones get ten, and only the zeros between show 9.",
                    at(Raised.class, (q, hand) -> q.place() == q.needing() && q.across() ? q.before() + 9 : null)),
            any(BOTH, "fact-known-wrongly", "a fact known wrongly", "always has one difference wrong",
                    Met.OFTEN,
                    "Find the fact from the sum that is sure: 14 − 9 is what makes 9 into 14. Ask it again each day for a week; see "
                            + "whether it comes without counting.",
                    KnownWrongly.difference(14, 9, 1)).members(KnownWrongly::differences),
            any(BOTH, "digits-turned", "two digits swapped in copying",
                    "copies two digits of a number the other way round", Met.OFTEN,
                    CopySlips.readBack("83 − 38"), CopySlips.turnedAtTheEnd()).ways(CopySlips::turnedDigits),
            any(BOTH, "sides-apart", "each side of the point alone", "works each side of the point by itself",
                    Met.OFTEN,
                    "Column heads over the squares and a 0 in the empty place: 2.50 − 0.09. Then 4.3 − 0.15; "
                            + "see whether a 0 is written after the 3.",
                    CopySlips.decimalsAsWhole(true)).in(Numbers.WITH_DECIMALS),
            any(BOTH, "point-left-out", "point left out", "leaves the point out of the answer", Met.SOMETIMES,
                    "Estimate first: 9.0 less nothing stays about 9. Can 90 be right? The point goes in before any digit. Then "
                            + "6.4 − 1.5; see whether the point is there first.",
                    PointGoes.leftOut())
                            .in(Numbers.WITH_DECIMALS),
            any(BOTH, "point-moved", "point in the wrong place", "writes the point a place too far", Met.SOMETIMES,
                    "Estimate first: 49 less 1 is about 48. Points stand under each other like buttons. Then 12.5 − 3.25; see "
                            + "whether the answer has its point below the other two.",
                    PointGoes.moved().get(0))
                            .in(Numbers.WITH_DECIMALS).ways(problem -> PointGoes.moved()),
            any(BOTH, "first-column-only", "one column only", "works the first column and no other", Met.RARE,
                    "Point to each column in turn and say its name until none is left. Then 86 − 24; see "
                            + "whether the tens are taken too.",
                    firstOnly()),
            any(BOTH, "answer-reversed", "answer's digits reversed", "writes the answer's digits in the opposite order",
                    Met.RARE,
                    AnswerSlips.sayIt("59 − 23", "36"),
                    answered(AnswerSlips::backwards)),
            any(BOTH, "answer-digits-turned", "two digits of the answer turned",
                    "writes two digits of the answer the other way round", Met.SOMETIMES,
                    AnswerSlips.readTheHeads("587 − 231", "356"), answered(digits -> AnswerSlips.swapped(digits, 0)))
                            .ways(problem -> IntStream.range(0, 8)
                                    .mapToObj(right -> answered(digits -> AnswerSlips.swapped(digits, right)))
                                    .toList()),
            any(BOTH, "digit-misread", "a digit misread", "reads a digit as one that looks like it", Met.SOMETIMES,
                    CopySlips.lookAlike("608 − 71"),
                    CopySlips.misreadFirst()).ways(CopySlips::misread),
            any(EQUAL, "empty-place-not-paid", "1 not added below an empty place",
                    "adds nothing below where the place is empty", Met.OFTEN,
                    "Two strips, 83 and 4: give both ten. In the lower one the ten is a 1 in the empty place. Then 62 − 7; see "
                            + "whether a 1 is taken from the 6.",
                    at(OneBelow.class, (q, hand) -> q.empty() ? 0 : null)),
            any(EQUAL, "schools-mixed", "two ways of exchanging mixed", "adds one below and lowers the digit above too",
                    Met.SOMETIMES,
                    "Two ways are mixed here. Choose one: strike above, or add below, and cover the other with a strip of "
                            + "paper. Then 92 − 15; see whether one figure only is changed.",
                    at(TopKept.class, (q, hand) -> less(q.digit(), 1))),
            any(EQUAL, "one-below-always", "1 added below without a ten above",
                    "adds one below where no ten was added above", Met.SOMETIMES,
                    "Ask at every column: was ten needed above? Only then is one added below. Then 82 − 11 beside 82 − 15; see "
                            + "whether the first has no small 1.",
                    at(OneBelow.class, (q, hand) -> 1)),
            any(EQUAL, "ten-below-is-zero", "9 and 1 taken as 0", "takes 9 and 1 below to be 0", Met.SOMETIMES,
                    "Say it whole: 9 tens below and the 1 ten added are 10 tens to take away, not none. Then "
                            + "530 − 294; see whether 13 take away 10 is said.",
                    at(BelowAltogether.class, (q, hand) -> q.bottom() + q.payBack() == 10 ? 0 : null)),
            any(EQUAL, "one-below-too-far", "1 added below a column too far", "adds the one below a column too far",
                    Met.RARE,
                    "Ten ones are one ten: the small 1 goes to the tens, next door. Draw an arrow to it. Then 711 − 407; see "
                            + "where the 1 stands.",
                    at(GoesTo.class, (q, hand) -> q.place() + 2)),
            slip(COUNTING, "jump-missed", "jump left out", "leaves out one of the jumps when adding them", Met.OFTEN,
                    "Count the arcs: as many jumps as numbers to add. Then 82 − 47; see whether every jump "
                            + "is in the last sum.",
                    Taken.without(-1))
                            .ways(problem -> Taken.withoutEach(9)),
            slip(COUNTING, "carry-forgotten", "carry not added", "adds the jumps without a carry", Met.SOMETIMES,
                    "Set the jumps out as a sum of their own, with H, T, O over it. Then 137 − 52; see "
                            + "whether the ones of the jumps give a ten to the tens.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip(COUNTING, "start-counted", "starting number counted too",
                    "counts the starting number too in the first jump", Met.OFTEN,
                    "Put a finger on 11 on the number line: the first jump lands on 12, so 11 itself is not "
                            + "counted. Then from 37 to 40; see whether the jump is 3.",
                    at(JumpSize.class, (q, hand) -> q.number() == 1 ? q.missed(hand.decide(q), 1) : null)));

    private SubtractionSlips() {}

    private static KnownSlip slip(Set<MethodName> methods, String id, String name, String label, Met met, String help,
            Slip slip) {
        return KnownSlip.of(id, methods, name, label, met, help, slip);
    }

    private static KnownSlip any(Set<MethodName> methods, String id, String name, String label, Met met, String help,
            Slip slip) {
        return slip(methods, id, name, label, met, help, slip).in(Numbers.ANY);
    }

    /** Another number in the answer's squares than the one that was worked. */
    static Slip answered(UnaryOperator<String> otherwise) {
        return AnswerSlips.otherwise(otherwise, (other, lowest) -> at(Difference.class,
                (Difference q, Hand hand) -> AnswerSlips.digit(other, q.at().place() - lowest)));
    }

    private static Slip firstOnly() {
        return Slip.in(chosen -> {
            int lowest = chosen.problem().operands().stream().mapToInt(Numeral::lowest).min().orElseThrow();
            return unwritten(Difference.class, (q, digit) -> q.at().place() > lowest);
        });
    }

    private static int less(int figure, int by) {
        if (figure < by) {
            throw new Stuck("that little cannot be lowered so far");
        }
        return figure - by;
    }

    private static Slip underZero() {
        return at(NeedsTen.class, (q, hand) -> q.untouched() && q.top() == 0 ? false : null);
    }

    private static boolean isStuckZero(Difference column) {
        return column.untouched() && column.top() == 0 && column.away() > 0;
    }

    private static Slip underNewZero() {
        return at(NeedsTen.class, (q, hand) -> !q.untouched() && q.top() == 0 ? false : null);
    }

    private static boolean isNewZero(Difference column) {
        return !column.untouched() && column.top() == 0 && column.away() > 0;
    }

    private static Slip turnedWhereStuck() {
        return at(Difference.class, (q, hand) -> q.top() < q.away() ? q.away() - q.top() : null);
    }

    private static Slip laterTurned(int most) {
        return Slip.later(NeedsTen.class, (q, hand) -> q.top() < q.bottom(), most, (q, hand) -> false)
                .and(turnedWhereStuck());
    }
}
