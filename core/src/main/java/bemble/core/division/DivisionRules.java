package bemble.core.division;

import static bemble.core.rule.Guard.when;

import bemble.core.division.digits.DivisionPaper;
import bemble.core.division.digits.Goes;
import bemble.core.division.digits.Joined;
import bemble.core.division.digits.LowestPlace;
import bemble.core.division.digits.PassedOn;
import bemble.core.division.digits.Remainder;
import bemble.core.division.digits.RemainderGoes;
import bemble.core.division.digits.ZerosBehind;
import bemble.core.hand.Hand;
import bemble.core.hand.slipped.Slip;
import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.Left;
import bemble.core.stack.slips.CopyRules;
import bemble.core.style.MethodName;
import java.math.BigInteger;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What may be decided otherwise in a division, and when. */
public final class DivisionRules {
    private static final Set<MethodName> BOTH = Set.of(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION);
    private static final String COUNTERS =
            "Share counters, and say at each place how many each gets and how many are left.";

    public static final List<Theme<?>> ALL = List.of(
            new Theme<>("goes", BOTH, List.of(
                    goes("one-less", "takes the digit one too small", q -> right(q) - 1),
                    goes("one-more", "takes the digit one too large", q -> right(q) + 1),
                    goes("zero", "writes 0", q -> 0),
                    goes("one", "writes 1", q -> 1),
                    goes("next", "writes the digit that is shared", q -> q.next())),
                    List.of(Guard.always(),
                            when("first", "at the first place", Goes::first),
                            when("not-first", "at every place but the first", q -> !q.first()),
                            when("last", "at the last place", Goes::isLast),
                            when("not-last", "at every place but the last", q -> !q.isLast()),
                            when("exact", "where it goes exactly", q -> q.partial().mod(q.divisor()).signum() == 0),
                            when("not-exact", "where something is left",
                                    q -> q.partial().mod(q.divisor()).signum() > 0),
                            when("too-small", "where it does not go", q -> q.partial().compareTo(q.divisor()) < 0),
                            when("next-0", "where the digit that is shared is 0", q -> q.next() == 0),
                            when("nine", "where it goes nine times",
                                    q -> q.partial().compareTo(q.divisor().multiply(BigInteger.valueOf(9))) >= 0)),
                    COUNTERS),
            new Theme<>("quotient-digit", BOTH, List.of(
                    new Turn<Goes>("unwritten", "leaves a digit out of the quotient",
                            here -> Slip.unwritten(Goes.class, (q, digit) -> here.test(q)))),
                    List.of(when("zero", "where it is 0", q -> !q.first() && q.careful() != null && q.careful() == 0),
                            when("last", "at the last place", q -> q.isLast() && !q.first()),
                            when("middle-zero", "where it is 0 and not the last",
                                    q -> !q.first() && !q.isLast() && q.careful() != null && q.careful() == 0),
                            when("one", "where it is 1", q -> !q.first() && q.careful() != null && q.careful() == 1)),
                    COUNTERS),
            new Theme<>("left", BOTH, List.of(
                    left("zero", "leaves nothing over", (from, product) -> BigInteger.ZERO),
                    left("one-more", "leaves one too many",
                            (from, product) -> from.subtract(product).add(BigInteger.ONE)),
                    left("one-less", "leaves one too few",
                            (from, product) -> from.subtract(product).subtract(BigInteger.ONE)),
                    left("product", "goes on with the product", (from, product) -> product),
                    left("all", "takes nothing away", (from, product) -> from),
                    left("one", "leaves 1 over", (from, product) -> BigInteger.ONE)),
                    List.of(Guard.always(), when("last", "at the last place", Rest::last),
                            when("not-last", "at every place but the last", q -> !q.last()),
                            when("one", "where 1 is left", q -> q.from().subtract(q.product()).equals(BigInteger.ONE)),
                            when("some", "where something is left", q -> q.from().compareTo(q.product()) > 0)),
                    COUNTERS),
            new Theme<>("joined", BOTH, List.of(
                    joined("digit", "goes on with the next digit alone", q -> BigInteger.valueOf(q.digit())),
                    joined("left", "goes on with what is left alone", Joined::left),
                    joined("added", "adds what is left to the next digit",
                            q -> q.left().add(BigInteger.valueOf(q.digit()))),
                    joined("turned", "sets the next digit before what is left",
                            q -> new BigInteger(q.digit() + q.left().toString())),
                    joined("without-zero", "goes on with 0 where a 0 comes down",
                            q -> q.digit() == 0 ? BigInteger.ZERO : q.careful())),
                    List.of(Guard.always(), when("digit-0", "where a 0 comes down", q -> q.digit() == 0),
                            when("last", "at the last place", q -> q.place() == 0),
                            when("not-last", "at every place but the last", q -> q.place() > 0),
                            when("left-0", "where nothing is left", q -> q.left().signum() == 0),
                            when("left-1", "where 1 is left", q -> q.left().equals(BigInteger.ONE))),
                    COUNTERS),
            new Theme<>("remainder", BOTH, List.of(
                    remainder("one-more", "writes a remainder one too large", q -> q.left().add(BigInteger.ONE)),
                    remainder("one-less", "writes a remainder one too small", q -> q.left().subtract(BigInteger.ONE)),
                    remainder("one", "writes 1 for the remainder", q -> BigInteger.ONE),
                    remainder("lacking", "writes how much is lacking for the remainder",
                            q -> q.divisor().subtract(q.left())),
                    remainder("divisor", "writes the divisor for the remainder", Remainder::divisor),
                    new Turn<Remainder>("none", "leaves the remainder off",
                            here -> Slip.unwritten(Remainder.class, (q, rest) -> here.test(q)))),
                    List.of(Guard.always(), when("one", "where it is 1", q -> q.left().equals(BigInteger.ONE)),
                            when("small", "where it is less than half of the divisor",
                                    q -> q.left().shiftLeft(1).compareTo(q.divisor()) < 0),
                            when("large", "where it is more than half of the divisor",
                                    q -> q.left().shiftLeft(1).compareTo(q.divisor()) > 0)),
                    COUNTERS),
            new Theme<>("remainder-goes", BOTH, List.of(
                    Turn.of("point", "writes the remainder behind a point", RemainderGoes.class,
                            (q, hand) -> RemainderGoes.Where.BEHIND_A_POINT),
                    Turn.of("digit", "writes the remainder as the last digit", RemainderGoes.class,
                            (q, hand) -> RemainderGoes.Where.AS_LAST_DIGITS)),
                    List.of(Guard.always()), COUNTERS),
            new Theme<>("set-out", BOTH, List.of(
                    Turn.throughout("first-digit", "divides by the divisor's first digit only",
                            DivisionSlips.setOut(DivisionPaper.DIVISOR, divisor -> DivisionSlips.oneDigit(divisor, 0))),
                    Turn.throughout("last-digit", "divides by the divisor's last digit only",
                            DivisionSlips.setOut(DivisionPaper.DIVISOR,
                                    divisor -> DivisionSlips.oneDigit(divisor, divisor.length() - 1))),
                    Turn.throughout("zeros-passed", "passes over a 0 of the number that is shared",
                            DivisionSlips.setOut(DivisionPaper.DIVIDEND, DivisionSlips::withoutZeros))),
                    List.of(Guard.always()), COUNTERS),
            new Theme<>("ends", BOTH, List.of(
                    Turn.throughout("early", "stops before the last digit",
                            Slip.at(LowestPlace.class, (q, hand) -> DivisionSlips.stopEarly(q))),
                    Turn.throughout("early-with-rest",
                            "stops before the last digit and writes all that is left as remainder",
                            DivisionSlips.stopped(1)),
                    Turn.throughout("rounded-up", "takes one more where something is left", DivisionSlips.roundedUp())),
                    List.of(Guard.always()), COUNTERS),
            new Theme<>("zeros-behind", BOTH, List.of(
                    Turn.of("one", "writes a 0 behind a digit of the quotient", ZerosBehind.class, (q, hand) -> 1)),
                    List.of(when("last", "at its end", ZerosBehind::last),
                            when("first", "that is its first", q -> q.first() && !q.last())),
                    COUNTERS),
            CopyRules.read(BOTH));

    private DivisionRules() {}

    /** What is left of what was shared, written or passed on. */
    private record Rest(BigInteger from, BigInteger product, boolean last) {}

    private interface Otherwise<Q, A> {
        @Nullable
        A of(Q question);
    }

    private interface OfTwo {
        BigInteger of(BigInteger from, BigInteger product);
    }

    private static int right(Goes question) {
        return Objects.requireNonNull(question.careful());
    }

    private static Turn<Goes> goes(String id, String words, Otherwise<Goes, Integer> otherwise) {
        return Turn.of(id, words, Goes.class, (q, hand) -> {
            Integer other = q.careful() == null ? null : otherwise.of(q);
            return other == null || other < 0 || other > 9 ? null : other;
        });
    }

    private static Turn<Rest> left(String id, String words, OfTwo otherwise) {
        return new Turn<>(id, words,
                here -> Slip
                        .at(Left.class,
                                (Left q, Hand hand) -> here.test(new Rest(q.from(), q.product(), q.last()))
                                        ? notBelow(otherwise.of(q.from(), q.product())) : null)
                        .and(Slip.at(PassedOn.class,
                                (PassedOn q, Hand hand) -> here.test(new Rest(q.from(), q.product(), q.next() == null))
                                        ? notBelow(otherwise.of(q.from(), q.product())) : null)));
    }

    private static @Nullable BigInteger notBelow(@Nullable BigInteger left) {
        return left == null || left.signum() < 0 ? null : left;
    }

    private static Turn<Joined> joined(String id, String words, Otherwise<Joined, BigInteger> otherwise) {
        return Turn.of(id, words, Joined.class, (q, hand) -> otherwise.of(q));
    }

    private static Turn<Remainder> remainder(String id, String words, Otherwise<Remainder, BigInteger> otherwise) {
        return Turn.of(id, words, Remainder.class,
                (q, hand) -> q.left().signum() == 0 ? null : notBelow(otherwise.of(q)));
    }
}
