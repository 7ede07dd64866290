package bemble.core.root;

import static bemble.core.rule.Guard.when;

import bemble.core.rule.Guard;
import bemble.core.rule.Theme;
import bemble.core.rule.Turn;
import bemble.core.stack.Left;
import bemble.core.style.MethodName;
import java.math.BigInteger;
import java.util.List;
import java.util.Set;

/** What may be decided otherwise in taking a square root, and when. */
public final class RootRules {
    private static final Set<MethodName> BOTH = Set.of(MethodName.DOUBLED_ROOT, MethodName.RUNNING_DIVISOR);
    private static final String SQUARE = "Draw the square, and cut off what each stage takes away.";

    public static final List<Theme<?>> ALL = List.of(
            new Theme<>("root-digit", BOTH, List.of(
                    Turn.of("one-less", "takes the digit one too small", RootDigit.class,
                            (q, hand) -> q.careful() > 0 ? q.careful() - 1 : null),
                    Turn.of("one-more", "takes the digit one too large", RootDigit.class,
                            (q, hand) -> q.careful() < 9 ? q.careful() + 1 : null),
                    Turn.of("zero", "writes 0", RootDigit.class, (q, hand) -> 0),
                    Turn.of("one", "writes 1", RootDigit.class, (q, hand) -> 1)),
                    List.of(Guard.always(), when("first", "at the first stage", RootDigit::first),
                            when("not-first", "at every stage but the first", q -> !q.first()),
                            when("last", "at the last stage", q -> q.place() == 0)),
                    SQUARE),
            new Theme<>("doubled", BOTH, List.of(
                    Turn.of("same", "takes the root so far without doubling it", Doubled.class, (q, hand) -> q.root()),
                    Turn.of("last-only", "doubles the last digit alone", Doubled.class,
                            (q, hand) -> BigInteger.valueOf(2L * q.last())),
                    Turn.of("squared", "squares the root so far instead of doubling it", Doubled.class,
                            (q, hand) -> q.root().multiply(q.root()))),
                    List.of(Guard.always(), when("later", "after the second stage", q -> q.root().bitLength() > 4)),
                    SQUARE),
            new Theme<>("root-left", BOTH, List.of(
                    Turn.of("one-more", "leaves one too many", Left.class,
                            (q, hand) -> q.careful() == null ? null : q.careful().add(BigInteger.ONE)),
                    Turn.of("zero", "leaves nothing over", Left.class, (q, hand) -> BigInteger.ZERO)),
                    List.of(Guard.always(), when("last", "at the last stage", Left::last),
                            when("not-last", "at every stage but the last", q -> !q.last())),
                    SQUARE));

    private RootRules() {}
}
