package bemble.core.division;

import static bemble.core.hand.slipped.Slip.at;
import static bemble.core.hand.slipped.Slip.unwritten;

import bemble.core.division.chunks.ChunkNoted;
import bemble.core.division.digits.DigitByDigit;
import bemble.core.division.digits.DivisionPaper;
import bemble.core.division.digits.FirstPart;
import bemble.core.division.digits.FromTheRight;
import bemble.core.division.digits.Goes;
import bemble.core.division.digits.Joined;
import bemble.core.division.digits.Leading;
import bemble.core.division.digits.LowestPlace;
import bemble.core.division.digits.PassedOn;
import bemble.core.division.digits.Remainder;
import bemble.core.division.digits.RemainderGoes;
import bemble.core.division.digits.WrittenInstead;
import bemble.core.division.digits.ZerosBehind;
import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.stack.Left;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.stack.Taken;
import bemble.core.stack.Times;
import bemble.core.stack.slips.AnswerSlips;
import bemble.core.stack.slips.CopySlips;
import bemble.core.style.MethodName;
import bemble.core.working.Line;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The slips of division: each is a hand that decides one kind of thing otherwise. Long, for it is one list, in which doubles would
 * be seen.
 */
public final class DivisionSlips {
    private static final Set<MethodName> LONG = Set.of(MethodName.LONG_DIVISION);
    private static final Set<MethodName> SHORT = Set.of(MethodName.SHORT_DIVISION);
    private static final Set<MethodName> BOTH = Set.of(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION);
    private static final Set<MethodName> CHUNKS = Set.of(MethodName.PARTIAL_QUOTIENTS);
    private static final Set<MethodName> EVERY = Set.of(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION,
            MethodName.PARTIAL_QUOTIENTS);
    private static final int FIRST = Integer.MIN_VALUE;

    public static final List<KnownSlip> ALL = List.of(
            slip(BOTH, "quotient-zero-forgotten", "0 left out of the quotient", "leaves a 0 out of the quotient",
                    Met.OFTEN,
                    "Mark a box for every digit of the quotient first. 6171 ÷ 3 has four; no box stays empty, nothing each is a "
                            + "0. Then 824 ÷ 4; see whether the box in the middle has its 0.",
                    unwritten(Goes.class, (q, digit) -> !q.first() && digit == 0)),
            slip(EVERY, "remainder-forgotten", "remainder left off", "leaves the remainder off", Met.OFTEN,
                    "Multiply back: 23 × 3 is 69, so 1 of the 70 is missing. Where is it? Then 50 ÷ 4; see "
                            + "whether r 2 is written.",
                    unwritten(Remainder.class, (q, rest) -> true)),
            slip(BOTH, "digit-one-short", "last digit one short", "takes the last digit one too small", Met.SOMETIMES,
                    "Look at what is left: 3, and each of the 3 could have one more. Then 28 ÷ 4; see whether what is left is "
                            + "compared with the divisor.",
                    at(Goes.class, (q, hand) -> q.isLast() ? oneShort(hand.decide(q)) : null)),
            slip(BOTH, "left-over-dropped", "what is left over not passed on", "does not pass on what is left over",
                    Met.OFTEN,
                    "Share 8 tens and 4 ones among 6 with blocks: 2 tens are left and are traded for 20 ones. Then 75 ÷ 5; see "
                            + "whether 25 ones are shared.",
                    at(Joined.class, (q, hand) -> BigInteger.valueOf(q.digit()))),
            slip(BOTH, "left-over-added", "what is left over added to the next digit",
                    "adds what is left over to the next digit", Met.SOMETIMES,
                    "Say the value: 2 tens and 4 ones are 24 ones, not 6; lay it with blocks and trade. Then "
                            + "75 ÷ 3; see whether 15 ones are shared.",
                    at(Joined.class, (q, hand) -> q.left().add(BigInteger.valueOf(q.digit())))),
            slip(BOTH, "last-digit-left-out", "stopped a digit early", "stops before the last digit", Met.OFTEN,
                    "Point to each digit as it is shared; the last one is still there. Then 96 ÷ 3; see whether two digits are "
                            + "written.",
                    at(LowestPlace.class, (q, hand) -> stopEarly(q))),
            slip(EVERY, "remainder-behind-point", "remainder behind point", "writes the remainder behind a point",
                    Met.OFTEN,
                    "Share 7 counters among 3: one is left. Is it a tenth? It is one whole counter, written r 1. Then 17 ÷ 5; "
                            + "see how the 2 is written.",
                    at(RemainderGoes.class, (q, hand) -> RemainderGoes.Where.BEHIND_A_POINT)),
            slip(EVERY, "remainder-as-last-digit", "remainder as a digit", "writes the remainder as the last digit",
                    Met.SOMETIMES,
                    "Share 7 counters among 3: the one that is left belongs to nobody, so it is not in the answer; it is "
                            + "written r 1. Then 17 ÷ 5; see whether 3 r 2 stands there.",
                    at(RemainderGoes.class, (q, hand) -> RemainderGoes.Where.AS_LAST_DIGITS)),
            slip(BOTH, "answer-reversed", "answer's digits reversed",
                    "writes the answer's digits in the opposite order", Met.RARE,
                    AnswerSlips.sayIt("84 ÷ 7", "12"),
                    AnswerSlips.otherwise(AnswerSlips::backwards,
                            (turned, lowest) -> at(WrittenInstead.class,
                                    (q, hand) -> OptionalInt.of(AnswerSlips.digit(turned, q.place()))))),
            slip(BOTH, "two-digits-in-one-place", "two digits, one place", "writes two digits in one place",
                    Met.SOMETIMES,
                    "No place holds twelve. If more than nine fit, one more fitted in the place before. Then 84 ÷ 2; see "
                            + "whether each place gets one digit.",
                    tooSmall(FIRST)).ways(
                            problem -> IntStream.range(1, longest(problem)).mapToObj(DivisionSlips::tooSmall).toList()),
            slip(BOTH, "dividend-zero-left-out", "0 of dividend skipped",
                    "passes over a 0 of the number that is shared",
                    Met.SOMETIMES,
                    "Put a finger on the 0 of 906 and ask what comes down. A 0 comes down like any digit. Then 804 ÷ 6; see "
                            + "whether 20 tens are shared.",
                    setOut(DivisionPaper.DIVIDEND, DivisionSlips::withoutZeros)),
            slip(BOTH, "divisor-by-digit", "divisor divided by the digit",
                    "divides the divisor by a digit that is smaller", Met.SOMETIMES,
                    "Share 2 counters among 3: none each, so the 2 goes on as 2 tens. Then 24 ÷ 4; see "
                            + "whether 4 is looked for in 24, not 2 in 4.",
                    at(FirstPart.class, (q, hand) -> q.dividend().highest())
                            .and(at(Goes.class,
                                    (q, hand) -> isTurned(q) ? q.divisor().divide(q.partial()).intValue() : null))
                            .and(at(PassedOn.class,
                                    (q, hand) -> q.from().compareTo(q.product()) < 0 ? BigInteger.ZERO : null))
                            .and(at(Left.class,
                                    (q, hand) -> q.from().compareTo(q.product()) < 0 ? BigInteger.ZERO : null))),
            slip(BOTH, "small-first-digit-dropped", "first digit dropped",
                    "drops the first digit where it is too small",
                    Met.SOMETIMES,
                    "2 tens among 3: not one each, so they are traded for 20 ones and lie with the 7. Then 35 ÷ 5; see whether "
                            + "35 is shared at once.",
                    at(FirstPart.class, (q, hand) -> second(q.dividend()))
                            .and(at(Leading.class, (q, hand) -> BigInteger.valueOf(q.dividend().digit(q.place()))))),
            slip(SHORT, "works-from-right", "begun at the right", "begins at the ones", Met.RARE,
                    "Share the tens first, with blocks: what is left is traded to the right. Then 72 ÷ 3; "
                            + "see whether the 7 is shared before the 2.",
                    at(ChosenMethod.class, (q, hand) -> new FromTheRight())),
            slip(BOTH, "fact-known-wrongly", "a fact known wrongly", "always has one fact of the tables wrong",
                    Met.OFTEN,
                    "Find the fact from one that is sure: 8 × 7 is 4 × 7 twice, 28 and 28. Ask it both ways each day for a week; "
                            + "see whether 7 into 56 comes without counting.",
                    KnownWrongly.product(7, 8, -2)).members(KnownWrongly::facts),
            slip(LONG, "column-turned-inside", "column turned round inside",
                    "turns a column round in a subtraction inside", Met.OFTEN,
                    "Work the subtraction inside as one of its own: are there enough ones? Then 80 ÷ 3; see "
                            + "whether 20 minus 18 leaves 2.",
                    at(Left.class, (q, hand) -> columnsTurned(q.from(), q.product()))),
            slip(LONG, "digit-by-digit", "each digit divided alone", "divides digit by digit", Met.SOMETIMES,
                    "Cover nothing of the divisor: it is 295, one number. Ask how many times 295 goes into 789. Then 96 ÷ 24; "
                            + "see whether 24 is said.",
                    at(ChosenMethod.class, (q, hand) -> new DigitByDigit())),
            slip(BOTH, "last-zero-forgotten", "last 0 left off", "leaves a 0 off the end of the quotient", Met.OFTEN,
                    "Multiply back: 196 times 3 is far from 5882. The last digit was shared too: 2 among 3 is none each. Then "
                            + "542 ÷ 6; see whether the 0 is at the end.",
                    unwritten(Goes.class, (q, digit) -> q.isLast() && !q.first() && digit == 0)),
            slip(BOTH, "divides-by-first-digit", "by first digit only", "divides by the divisor's first digit only",
                    Met.SOMETIMES,
                    "Say the whole divisor each time: 35, not 3. Write its multiples down first: 35, 70, 105. Then 84 ÷ 12; see "
                            + "whether the list is used.",
                    setOut(DivisionPaper.DIVISOR, divisor -> oneDigit(divisor, 0))),
            slip(BOTH, "divides-by-last-digit", "by last digit only", "divides by the divisor's last digit only",
                    Met.RARE,
                    "Say the whole divisor each time: 35, not 5. Ring both its digits as one. Then 84 ÷ 12; see whether 12 is "
                            + "said.",
                    setOut(DivisionPaper.DIVISOR, divisor -> oneDigit(divisor, divisor.length() - 1))),
            slip(BOTH, "first-digit-one-short", "first digit one short", "takes the first digit one too small",
                    Met.RARE,
                    "With blocks: after sharing 8 tens among 2, do tens lie there still that everybody could have? Then 96 ÷ 3; "
                            + "see whether what is left is less than the divisor.",
                    at(Goes.class,
                            (q, hand) -> q.first() && !q.isLast() ? (Integer) oneShort(hand.decide(q)) : cutToNine(q))),
            slip(EVERY, "remainder-turned", "amount missing written as remainder",
                    "writes how much is lacking for the remainder", Met.RARE,
                    "Ask two questions of 70 ÷ 3: how many are left? How many would be needed for one more each? The first is "
                            + "the remainder. Then 17 ÷ 5; see whether it is 2, not 3.",
                    at(Remainder.class,
                            (q, hand) -> q.left().signum() == 0 || q.left().compareTo(q.divisor()) > 0 ? null
                                    : q.divisor().subtract(q.left()))),
            slip(BOTH, "nothing-brought-down", "no digit brought down",
                    "goes on with what is left and takes no digit with it",
                    Met.RARE,
                    "Draw an arrow from the next digit down to what is left. Then 84 ÷ 6; see whether an arrow stands at every "
                            + "step.",
                    at(Joined.class, (q, hand) -> q.left())),
            slip(EVERY, "digits-turned", "two digits swapped in copying",
                    "copies two digits of a number the other way round", Met.OFTEN,
                    CopySlips.readBack("96 ÷ 6"), CopySlips.turnedAtTheEnd()).ways(CopySlips::turnedDigits),
            slip(BOTH, "quotient-zero-moved", "0 of the quotient at its end", "writes a 0 of the quotient at its end",
                    Met.SOMETIMES,
                    "Write each digit of the quotient right above the digit that was shared. Then 824 ÷ 4; see whether the 0 "
                            + "stands above the 2.",
                    unwritten(Goes.class, (q, digit) -> !q.first() && !q.isLast() && digit == 0)
                            .and(at(ZerosBehind.class, (q, hand) -> q.last() ? q.zerosInside() : null))),
            slip(BOTH, "quotient-zero-too-many", "a 0 too many in the quotient",
                    "writes a 0 too many between two digits", Met.SOMETIMES,
                    "Mark a box for every digit of the quotient first: 84 ÷ 2 has two boxes. Then 96 ÷ 3; see whether two "
                            + "digits are written and no 0 between.",
                    at(ZerosBehind.class, (q, hand) -> q.first() && !q.last() ? 1 : null)),
            slip(BOTH, "quotient-zero-at-end", "a 0 too many at the end",
                    "writes a 0 too many at the end of the quotient", Met.SOMETIMES,
                    "Multiply back: 90 times 3 is 270, not 27. One digit above each one shared. Then 36 ÷ 4; see whether the "
                            + "answer stays 9.",
                    at(ZerosBehind.class, (q, hand) -> q.last() ? 1 : null)),
            slip(BOTH, "rounded-up", "rounded up", "takes one more where something is left, and leaves nothing over",
                    Met.SOMETIMES,
                    "Give each of 3 children 24 of 70 counters: there are not enough. Then 17 ÷ 5; see whether 3 r 2 stands "
                            + "there. In a story about boxes, one more box may be right: talk about both.",
                    roundedUp()),
            slip(BOTH, "stopped-with-the-rest", "stopped, the rest as remainder",
                    "stops before the last digit and writes all that is left as remainder",
                    Met.SOMETIMES,
                    "What is left can still be shared if it is not less than the divisor: 4 among 2 is 2 each. Then 86 ÷ 2; see "
                            + "whether the last digit is shared.",
                    stopped(1)).ways(problem -> List.of(stopped(1), stopped(2))),
            slip(EVERY, "digit-misread", "a digit misread", "reads a digit as one that looks like it", Met.SOMETIMES,
                    CopySlips.lookAlike("708 ÷ 3"),
                    CopySlips.misreadFirst()).ways(CopySlips::misread),
            slip(CHUNKS, "chunk-zero-lost", "a 0 lost from a chunk", "leaves a 0 off a chunk at the side",
                    Met.SOMETIMES,
                    "Say the chunk aloud: 20 lots of 2 are 40, 2 lots are only 4. Then 96 ÷ 4 in chunks; see "
                            + "whether the zeros stand at the side.",
                    at(ChunkNoted.class, (q, hand) -> withoutZero(q.chunk()))),
            slip(CHUNKS, "chunk-missed", "a chunk not counted", "leaves a chunk out when adding them", Met.OFTEN,
                    "Tick each chunk at the side as it is added. Then 75 ÷ 5 in chunks; see whether there "
                            + "are as many ticks as chunks.",
                    Taken.without(-1)).ways(problem -> Taken.withoutEach(12)),
            slip(CHUNKS, "last-chunk-only", "chunks not added", "does not add the chunks and writes the last",
                    Met.SOMETIMES,
                    "Ask how many lots were taken away altogether: all the chunks at the side. Then 75 ÷ 3 "
                            + "in chunks; see whether they are added.",
                    Taken.onlyOne(-1)));

    private DivisionSlips() {}

    private static KnownSlip slip(Set<MethodName> methods, String id, String name, String label, Met met, String help,
            Slip slip) {
        return KnownSlip.of(id, methods, name, label, met, help, slip);
    }

    /** One more is taken at the last place, and all that is there goes into it. */
    static Slip roundedUp() {
        return base -> {
            BigInteger[] all = new BigInteger[1];
            return at(Goes.class, (Goes q, Hand hand) -> {
                Integer digit = q.isLast() && q.partial().mod(q.divisor()).signum() > 0 ? q.careful() : null;
                if (digit == null || digit >= 9) {
                    all[0] = null;
                    return null;
                }
                all[0] = q.partial();
                return digit + 1;
            }).and(at(Times.class, (Times q, Hand hand) -> all[0])).over(base);
        };
    }

    /** So many digits of the dividend are not divided any more; with what is left they are the remainder. */
    static Slip stopped(int digits) {
        return Slip.in(chosen -> {
            String dividend = chosen.problem().operands().get(0).digits();
            return at(LowestPlace.class, (LowestPlace q, Hand hand) -> {
                if (q.first() < digits) {
                    throw new Stuck("there are not so many digits left");
                }
                return digits;
            }).and(at(Remainder.class, (Remainder q,
                    Hand hand) -> new BigInteger(q.left() + dividend.substring(dividend.length() - digits))));
        });
    }

    /**
     * A digit of the quotient that is missed, and taken for right: what it is multiplied to is what was there. So 532 ÷ 7 comes
     * to 75.
     */
    public static List<Slip> missedDigits(Problem problem) {
        List<Slip> slips = new ArrayList<>();
        for (int place = 0; place < problem.operands().get(0).length(); place++) {
            for (int by : new int[] {-1, 1, -2, 2}) {
                slips.add(missedDigit(place, by));
            }
        }
        return slips;
    }

    private static Slip missedDigit(int place, int by) {
        return at(Goes.class, (Goes q, Hand hand) -> q.at().place() != place || q.careful() == null || q.careful() == 0
                || q.careful() + by < 0 || q.careful() + by > 9 ? null : q.careful() + by)
                        .and(at(Times.class, (Times q, Hand hand) -> q.place() == place && q.digit() - by > 0
                                ? q.divisor().multiply(BigInteger.valueOf(q.digit() - by)) : null));
    }

    private static int longest(Problem problem) {
        return problem.operands().get(0).length();
    }

    private static int oneShort(int digit) {
        if (digit == 0) {
            throw new Stuck("the digit is 0 already");
        }
        return digit - 1;
    }

    private static @Nullable Integer cutToNine(Goes q) {
        return q.partial().compareTo(q.divisor().multiply(BigInteger.TEN)) >= 0 ? 9 : null;
    }

    static int stopEarly(LowestPlace q) {
        if (q.first() == 0) {
            throw new Stuck("the quotient has one digit only");
        }
        return 1;
    }

    /** One too small in that place, so that two digits go in the next. */
    private static Slip tooSmall(int place) {
        return at(Goes.class, (q, hand) -> {
            if ((place == FIRST ? q.first() : q.place() == place) && !q.isLast()) {
                return oneShort(hand.decide(q));
            }
            BigInteger times = q.partial().divide(q.divisor());
            return times.bitLength() > 7 ? null : (Integer) times.intValue();
        });
    }

    private static boolean isTurned(Goes q) {
        return q.divisor().compareTo(BigInteger.TEN) < 0 && q.partial().signum() > 0
                && q.partial().compareTo(q.divisor()) < 0;
    }

    private static Integer second(Numeral dividend) {
        if (dividend.length() < 2) {
            throw new Stuck("there is no digit to drop");
        }
        return dividend.highest() - 1;
    }

    private static BigInteger columnsTurned(BigInteger from, BigInteger product) {
        String top = from.toString();
        String bottom = product.toString();
        if (bottom.length() > top.length()) {
            throw new Stuck("more is to be taken away than is there");
        }
        StringBuilder left = new StringBuilder();
        for (int i = 1; i <= top.length(); i++) {
            int below = i <= bottom.length() ? bottom.charAt(bottom.length() - i) - '0' : 0;
            left.insert(0, Math.abs(top.charAt(top.length() - i) - '0' - below));
        }
        return new BigInteger(left.toString());
    }

    static Slip setOut(Line line, UnaryOperator<Numeral> copy) {
        return at(LineUp.class, (q, hand) -> q.lines().get(0).equals(line)
                ? List.of(new Placed(copy.apply(q.numbers().get(0)), 0)) : null);
    }

    /** Without the zeros between other digits. */
    static Numeral withoutZeros(Numeral dividend) {
        String digits = dividend.digits();
        String end = digits.replaceAll("0+$", "");
        return Numeral.of(end.isEmpty() ? "0" : end.replace("0", "") + digits.substring(end.length()));
    }

    static Numeral oneDigit(Numeral divisor, int index) {
        String digit = divisor.digits().substring(index, index + 1);
        if (digit.equals("0")) {
            throw new Stuck("nothing can be divided by 0");
        }
        return Numeral.of(digit);
    }

    private static BigInteger withoutZero(BigInteger chunk) {
        BigInteger[] parts = chunk.divideAndRemainder(BigInteger.TEN);
        return parts[1].signum() == 0 && chunk.signum() > 0 ? parts[0] : chunk;
    }
}
