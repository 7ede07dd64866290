package bemble.core.slip;

import bemble.core.addition.AdditionRules;
import bemble.core.division.DivisionRules;
import bemble.core.hand.slipped.KnownSlip.Met;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.multiplication.MultiplicationRules;
import bemble.core.problem.Operation;
import bemble.core.root.RootRules;
import bemble.core.rule.Clause;
import bemble.core.rule.Theme;
import bemble.core.style.MethodName;
import bemble.core.subtraction.SubtractionRules;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Rules worked out, as slips: a clause of a room's own language, or a listed slip under a limit. The text of a rule, such as
 * {@code rule:difference=lower@upper-9} or {@code rule:carry-forgotten@last}, is its name wherever a slip's name goes.
 */
public final class Rules {
    /** How the text of a rule begins. */
    public static final String PREFIX = "rule:";
    private static final List<Theme<?>> THEMES =
            Stream.of(AdditionRules.ALL, SubtractionRules.ALL, MultiplicationRules.ALL,
                    DivisionRules.ALL, RootRules.ALL).<Theme<?>>flatMap(List::stream).toList();
    private static final Map<String, KnownSlip> CLAUSES = new LinkedHashMap<>();

    static {
        THEMES.forEach(theme -> theme.clauses()
                .forEach(clause -> CLAUSES.put(key(operation(theme), PREFIX + clause.text()), slip(clause))));
    }

    private Rules() {}

    private static Operation operation(Theme<?> theme) {
        return Objects.requireNonNull(theme.methods().iterator().next().operation(), "a slip’s procedure has no rules");
    }

    private static String key(Operation operation, String text) {
        return operation + " " + text;
    }

    private static KnownSlip slip(Clause<?> clause) {
        Theme<?> theme = clause.theme();
        return KnownSlip
                .of(PREFIX + clause.text(), theme.methods(), clause.words(), clause.words(), Met.RARE, theme.help(),
                        clause.slip())
                .in(Numbers.ANY);
    }

    /** Every kind of decision that rules may concern. */
    public static List<Theme<?>> themes() {
        return THEMES;
    }

    /** Whether a slip's name is the text of a rule. */
    public static boolean isRule(String id) {
        return id.startsWith(PREFIX);
    }

    /** A slip's name without its limit: {@code carry-forgotten} for itself and for {@code rule:carry-forgotten@last}. */
    public static String unlimited(String id) {
        int at = id.lastIndexOf('@');
        return isRule(id) && at >= 0 ? id.substring(PREFIX.length(), at) : id;
    }

    /** Every rule of one clause that can be made in problems worked by a method. */
    public static List<KnownSlip> of(MethodName method) {
        return CLAUSES.values().stream().filter(rule -> rule.methods().contains(method)).toList();
    }

    /** A listed slip under a limit. */
    public static KnownSlip limited(KnownSlip slip, Limit limit) {
        String words = slip.label() + limit.words();
        return new KnownSlip(PREFIX + slip.id() + "@" + limit.id(), slip.operation(), slip.methods(),
                slip.name() + limit.words(), words,
                Met.RARE, slip.help(), slip.numbers(), limit.on(slip.slip()), null, null);
    }

    /** The rule of that text in an operation; nothing where the text says none. */
    static Optional<KnownSlip> find(String text, Operation operation) {
        KnownSlip clause = CLAUSES.get(key(operation, text));
        if (clause != null) {
            return Optional.of(clause);
        }
        int at = text.lastIndexOf('@');
        if (!isRule(text) || at < 0) {
            return Optional.empty();
        }
        String slip = text.substring(PREFIX.length(), at);
        return Limit.find(text.substring(at + 1))
                .flatMap(limit -> Slips.ALL.stream().filter(each -> each.id().equals(slip)
                        && each.operation() == operation && each.family() == null).findFirst()
                        .map(each -> limited(each, limit)));
    }
}
