package bemble.core.addition;

import static bemble.core.hand.slipped.Slip.at;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.Digit;
import bemble.core.stack.Placed;
import bemble.core.stack.PointGoes;
import bemble.core.stack.Taken;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.GoesTo;
import bemble.core.stack.adding.InFront;
import bemble.core.stack.adding.LastColumn;
import bemble.core.stack.adding.Total;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopySlips;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The slips of addition: each is a hand that decides one kind of thing otherwise. Long, for it is one list, in which
 * doubles would be seen.
 */
public final class AdditionSlips {
    public static final List<KnownSlip> ALL = List.of(
            slip("carry-forgotten", "carry not added", "never adds a carry", Met.OFTEN,
                    "Lay 15 + 49 with blocks and trade ten ones for a ten; the ten stands with the tens and "
                            + "is counted there. Then 26 + 38; see whether the small 1 is added.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            slip("both-digits-written", "totals written whole", "writes every total whole", Met.OFTEN,
                    "Lay the ones of 15 + 49: 14 ones do not fit where one digit stands, so ten of them go "
                            + "next door. Then 27 + 36; see whether the 3 stands alone below the ones.",
                    at(Digit.class, (q, hand) -> q.total())
                            .and(at(Carry.class, (q, hand) -> 0)).and(at(InFront.class, (q, hand) -> 0))),
            slip("carry-swapped", "digit and carry swapped", "writes the tens digit and carries the ones digit",
                    Met.SOMETIMES,
                    "Lay 15 + 49 with blocks: 14 ones are 1 ten and 4 loose ones. Ask which stay in the ones column. Then 26 + "
                            + "38; see whether the 4 is written and the 1 carried.",
                    at(Digit.class, (q, hand) -> !q.last() && hasTwoDigits(q.total()) ? q.total() / 10 : null)
                            .and(at(Carry.class, (q, hand) -> hasTwoDigits(q.total()) ? q.total() % 10 : null))),
            slip("last-carry-lost", "last carry left off", "leaves off the last carry", Met.SOMETIMES,
                    "Estimate first: 90 and 20 are more than 100, so the answer needs a third digit. Then 64 "
                            + "+ 73; see whether the 1 stands in front.",
                    at(InFront.class, (q, hand) -> 0)),
            slip("lined-up-left", "lined up at the left", "lines the numbers up at the left", Met.OFTEN,
                    "Squared paper with H, T, O over the columns: let the child write 82 under 9071, ones first. Then 7 + 456; "
                            + "see where the 7 stands.",
                    CopySlips.linedUpLeft()),
            any("one-place-apart", "set one place apart", "sets the lower numbers one place too far to the left",
                    Met.RARE,
                    "Put a finger on the ones of both numbers before adding: they must be on top of each other. Then 11 + 57; "
                            + "see whether the lower number slides to the left.",
                    CopySlips.onePlaceApart()),
            slip("needless-carry", "needless carry", "carries 1 where there is nothing to carry", Met.SOMETIMES,
                    "Lay ten frames beside 11 + 57: no frame is full, so nothing is traded. Then 42 + 35 and "
                            + "48 + 35; see whether only the second gets a small 1.",
                    at(Carry.class, (q, hand) -> q.total() < 10 ? 1 : null)),
            slip("lone-digit-dropped", "stopped at the shorter number", "stops where the shorter number ends",
                    Met.OFTEN,
                    "Cover the columns one by one: in 9071 + 82 ask what is in the hundreds. 0 and 0 are 0, 9 stands alone and "
                            + "comes down. Then 634 + 25; see whether the 6 is in the answer.",
                    at(LastColumn.class, (q, hand) -> shorter(q.numbers()).highest())
                            .and(at(InFront.class, (q, hand) -> 0))),
            any("carry-one-only", "carried 1, not 2", "carries 1 where 2 are to be carried", Met.OFTEN,
                    "Count 27 counters into tens: how many tens can be made? Two. Then 8 + 9 + 7 in a column; see whether the "
                            + "small figure is a 2.",
                    at(Carry.class, (q, hand) -> q.total() >= 20 ? 1 : null)),
            any("carry-lost-over-lone-digit", "carry lost, lone digit", "loses a carry over a digit that stands alone",
                    Met.OFTEN,
                    "A digit alone in its column may still get a ten: tick each small figure when it is "
                            + "added. Then 356 + 72; see whether the 3 becomes 4.",
                    at(Total.class,
                            (q, hand) -> q.digits().size() == 1 && q.carryIn() > 0 ? hand.decide(q.withoutCarry())
                                    : null)),
            any("carried-ten-not-carried", "carry-made ten lost", "does not carry a ten that only the carry made",
                    Met.OFTEN,
                    "Blocks for 562 + 339: 6 and 3 tens are 9, and the ten that came makes ten tens, so "
                            + "trade once more. Then 274 + 128; see whether a small 1 stands with the hundreds.",
                    at(Carry.class, (q, hand) -> q.total() >= 10 && q.total() - q.carryIn() < 10 ? 0 : null)),
            any("addend-missed", "addend missed", "misses one of the numbers", Met.OFTEN,
                    "Tick each number at its side when it has been added, column by column. Then 34 + 25 + "
                            + "17; see whether each column gets three ticks.",
                    Taken.without(-1))
                            .ways(problem -> problem.operands().size() < 3 ? List.of()
                                    : Taken.withoutEach(problem.operands().size())),
            any("counted-one-short", "counted one short", "counts on and ends one short", Met.OFTEN,
                    "Number line: from 11 the first jump lands on 12, not on 11. Count 7 on from 8 together: "
                            + "it ends at 15. Then 6 + 5 without the line; see whether the count begins at 7.",
                    at(Total.class, (q, hand) -> q.digits().size() < 2 ? null
                            : Math.max(0, hand.decide(q) - (q.digits().size() - 1)))),
            any("fact-known-wrongly", "a fact known wrongly", "always has one sum of two digits wrong",
                    Met.OFTEN,
                    "Find the fact from one that is sure: 8 + 7 is 7 and 7 and 1. Ask it again each day for a week; see whether it "
                            + "comes without counting.",
                    KnownWrongly.sum(8, 7, 1)).members(KnownWrongly::sums),
            any("digits-turned", "two digits swapped in copying", "copies two digits of a number the other way round",
                    Met.OFTEN,
                    CopySlips.readBack("69 + 96"), CopySlips.turnedAtTheEnd()).ways(CopySlips::turnedDigits),
            any("lined-up-right", "points not lined up", "lines numbers with decimals up at the right", Met.OFTEN,
                    "Draw the line of the points first, then write both numbers along it. Then 506 + 0.455; see whether the 6 "
                            + "ones stand over the 0 ones.",
                    CopySlips.linedUpRight()).in(Numbers.WITH_DECIMALS),
            any("carry-added-twice", "carry added twice", "adds a carry twice", Met.SOMETIMES,
                    "Strike a small figure as soon as it has been added. Then 15 + 49 and 27 + 45; see "
                            + "whether each small 1 is struck and counted once.",
                    at(Total.class, (q, hand) -> q.carryIn() > 0 ? hand.decide(q) + q.carryIn() : null)),
            any("carry-too-far", "carry too far left", "carries into the column after the next", Met.SOMETIMES,
                    "Point to the ones, then next door: ten ones are one ten, and the small 1 goes there. "
                            + "Then 128 + 35; see whether the 1 stands with the tens.",
                    at(GoesTo.class, (q, hand) -> q.place() + 2)),
            any("lone-digit-again", "last digit used again", "uses a number's last digit again where it has none",
                    Met.SOMETIMES,
                    "Put a counter on every empty place: nothing stands there, so nothing is added. Then 7431 + 26, with a 0 "
                            + "written into each empty place; see whether the 0s can be left out next week.",
                    at(Taken.class, (q, hand) -> stretched(q.numbers()))),
            any("works-from-left", "begun at the left", "begins at the left and carries to the right", Met.SOMETIMES,
                    "Cover all but the ones, then uncover one column after the other to the left. Then 38 + "
                            + "27; see whether the first digit written is the 5.",
                    at(ChosenMethod.class, (q, hand) -> new FromTheLeft())),
            any("zero-added-is-zero", "0 added gives 0", "takes a number and 0 to be 0", Met.SOMETIMES,
                    "Lay 4 counters and nothing beside them: how many are there? Then 68 + 20 and 305 + 41; "
                            + "see whether the 8 and the 4 are in the answers.",
                    at(Total.class,
                            (q, hand) -> q.digits().size() == 2 && q.digits().contains(0) ? q.carryIn() : null)),
            any("last-total-turned", "last total turned", "writes the last total the other way round", Met.SOMETIMES,
                    "Read the last total before writing it: 12 tens, one hundred and two tens. Which stands further left? Then "
                            + "48 + 73; see whether the answer begins with the 1.",
                    at(Digit.class, (q, hand) -> q.last() && hasTwoDigits(q.total()) ? q.total() / 10 : null)
                            .and(at(InFront.class, (q, hand) -> hasTwoDigits(q.total()) ? q.total() % 10 : null))),
            any("carry-added-as-ten", "carry added as 10", "adds a carry as ten", Met.RARE,
                    "The small 1 stands with the tens: say “1 ten” and lay one ten. Then 27 + 36; see "
                            + "whether 2 and 3 and 1 are counted as 6.",
                    at(Total.class,
                            (q, hand) -> q.carryIn() > 0 ? hand.decide(q.withoutCarry()) + 10 * q.carryIn() : null)),
            any("nine-at-most", "9 at most", "writes 9 where a column comes to more", Met.RARE,
                    "Lay 5 and 9 ones: 14, and none may be thrown away. Ten of them go next door as a ten, 4 "
                            + "stay. Then 8 + 7 in columns; see whether 15 is written.",
                    at(Digit.class, (q, hand) -> q.total() > 9 ? 9 : null).and(at(Carry.class, (q, hand) -> 0))
                            .and(at(InFront.class, (q, hand) -> 0))),
            any("all-digits-added", "all digits added", "adds all digits together", Met.RARE,
                    "Say what each digit is worth first: 11 is 10 and 1, 57 is 50 and 7. Then 24 + 13; see "
                            + "whether 20 and 10 are put together.",
                    at(ChosenMethod.class, (q, hand) -> new AllDigitsAdded()))
                            .in(Numbers.WHOLE),
            any("last-carry-added-in", "last carry added to the last digit", "adds the last carry to the last digit",
                    Met.RARE,
                    "Lay 2 tens and 9 tens: 11 tens are a hundred and 1 ten, and the hundred has a column of "
                            + "its own. Then 53 + 72; see whether a third digit is begun.",
                    at(Digit.class,
                            (q, hand) -> q.last() && hasTwoDigits(q.total()) ? q.total() / 10 + q.total() % 10 : null)
                                    .and(at(InFront.class, (q, hand) -> 0))),
            any("tens-digit-written", "tens digit written, nothing carried",
                    "writes the tens digit of a total and carries nothing",
                    Met.RARE,
                    "Ask of 14 ones: how many stay loose? Those are written, and the ten waits above the next column. Then 26 + "
                            + "17; see whether the 3 stands in the ones and a small 1 above the tens.",
                    at(Digit.class, (q, hand) -> !q.last() && hasTwoDigits(q.total()) ? q.total() / 10 : null)
                            .and(at(Carry.class, (q, hand) -> 0))),
            any("later-carry-forgotten", "later carry not added", "adds the first carry and no later one",
                    Met.SOMETIMES,
                    "There may be more than one small figure: tick each when it is added. Then 367 + 258; "
                            + "see whether both small 1s are ticked.",
                    later()),
            any("sides-apart", "each side of the point alone", "works each side of the point by itself", Met.OFTEN,
                    "Column heads over the squares and a 0 in the empty place: 82.80 + 0.01. Then 3.6 + "
                            + "0.25; see whether the 6 stands over the 2.",
                    CopySlips.decimalsAsWhole(false)
                            .and(at(Digit.class, (q, hand) -> q.at().place() == -1 && q.total() > 9 ? q.total() : null))
                            .and(at(Carry.class, (q, hand) -> q.place() == -1 ? 0 : null))).in(Numbers.WITH_DECIMALS),
            any("point-left-out", "point left out", "leaves the point out of the answer", Met.SOMETIMES,
                    "Estimate first: 0.83 + 90 is about 91. Can 9083 be right? Let the child put the point in before any digit. "
                            + "Then 2.4 + 13.7; see whether the point is there before the last line is begun.",
                    PointGoes.leftOut())
                            .in(Numbers.WITH_DECIMALS),
            any("point-moved", "point in the wrong place", "writes the point a place too far", Met.SOMETIMES,
                    "Estimate first: 5 and 55 are about 60, so 6.08 cannot be. Points stand under each other like buttons. Then "
                            + "12.5 + 3.25; see whether the answer has its point below the other two.",
                    PointGoes.moved().get(0))
                            .in(Numbers.WITH_DECIMALS).ways(problem -> PointGoes.moved()),
            any("first-column-only", "one column only", "works the first column and no other", Met.RARE,
                    "Point to each column in turn and say its name until none is left. Then 23 + 45; see "
                            + "whether the tens are pointed at.",
                    at(LastColumn.class,
                            (q, hand) -> q.numbers().stream().mapToInt(Placed::lowest).min().orElseThrow())),
            any("answer-reversed", "answer's digits reversed", "writes the answer's digits in the opposite order",
                    Met.RARE,
                    AnswerSlips.sayIt("34 + 41", "75"), AnswerSlips.reversed()),
            any("answer-digits-turned", "two digits of the answer turned",
                    "writes two digits of the answer the other way round", Met.SOMETIMES,
                    AnswerSlips.readTheHeads("214 + 153", "367"), AnswerSlips.turned(null).get(0))
                            .ways(AnswerSlips::turned),
            any("digit-misread", "a digit misread", "reads a digit as one that looks like it", Met.SOMETIMES,
                    CopySlips.lookAlike("306 + 71"),
                    CopySlips.misreadFirst()).ways(CopySlips::misread),
            under(Set.of(MethodName.PARTIAL_SUMS, MethodName.RUNNING), "carry-forgotten", "carry not added",
                    "never adds a carry", Met.OFTEN,
                    "Say each two parts aloud: 60 and 14 are 74, for the ten of 14 goes to the tens. Then 37 "
                            + "+ 25; see whether the last line comes to 62.",
                    at(Total.class, (q, hand) -> hand.decide(q.withoutCarry()))),
            under(Set.of(MethodName.PARTIAL_SUMS), "part-missed", "part missed", "leaves out one of the parts",
                    Met.OFTEN,
                    "Count the digits of the longest number: as many parts are to be added. Then 236 + 51; "
                            + "see whether three parts are written.",
                    withoutPart(-1))
                            .ways(problem -> IntStream.range(0, longest(problem)).mapToObj(AdditionSlips::withoutPart)
                                    .toList()),
            under(Set.of(MethodName.PARTIAL_SUMS), "part-without-zeros", "zeros left off part",
                    "writes a part without its zeros", Met.SOMETIMES,
                    "Say what the digits are worth: 1 ten and 5 tens are 60, not 6. Then 34 + 25; see "
                            + "whether 50 is written for the tens.",
                    at(PartValue.class, (q, hand) -> q.place() > 0 ? Numeral.of(Integer.toString(q.count())) : null)));

    private AdditionSlips() {}

    private static KnownSlip slip(String id, String name, String label, Met met, String help, Slip slip) {
        return KnownSlip.of(id, Set.of(MethodName.COLUMN), name, label, met, help, slip);
    }

    private static KnownSlip any(String id, String name, String label, Met met, String help, Slip slip) {
        return slip(id, name, label, met, help, slip).in(Numbers.ANY);
    }

    private static KnownSlip under(Set<MethodName> methods, String id, String name, String label, Met met, String help,
            Slip slip) {
        return KnownSlip.of(id, methods, name, label, met, help, slip);
    }

    private static boolean hasTwoDigits(int total) {
        return total >= 10 && total < 100;
    }

    /** A part is left out, whether the parts are added in columns or as one goes. */
    private static Slip withoutPart(int which) {
        return Taken.without(which).and(RunningTotal.without(which));
    }

    private static int longest(Problem problem) {
        return problem.operands().stream().mapToInt(Numeral::length).max().orElseThrow();
    }

    private static Slip later() {
        return Slip.later(Total.class, (q, hand) -> q.carryIn() > 0, Integer.MAX_VALUE,
                (q, hand) -> hand.decide(q.withoutCarry()));
    }

    private static Placed shorter(List<Placed> numbers) {
        if (numbers.size() != 2 || numbers.get(0).highest() == numbers.get(1).highest()) {
            throw new Stuck("there are not two numbers of unlike length");
        }
        return numbers.get(0).highest() < numbers.get(1).highest() ? numbers.get(0) : numbers.get(1);
    }

    /** The shorter number with its first digit again in every place that it lacks. */
    private static List<Placed> stretched(List<Placed> numbers) {
        Placed shorter = shorter(numbers);
        String first = shorter.number().digits().substring(0, 1);
        int lacking = Math.max(numbers.get(0).highest(), numbers.get(1).highest()) - shorter.highest();
        Numeral longer =
                Numeral.ofDigits(first.repeat(lacking) + shorter.number().digits(), shorter.number().decimals());
        return numbers.stream().map(number -> number == shorter ? new Placed(longer, number.shift()) : number).toList();
    }
}
