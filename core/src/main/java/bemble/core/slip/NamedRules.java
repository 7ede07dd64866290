package bemble.core.slip;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Rules worked out that teachers of a school have met in their pupils and gave a name, such as “takes the upper digit away”
 * for {@code rule:difference=lower@upper-0}: in that school they are known like the slips of the list.
 */
public record NamedRules(List<Kept> rules) {
    public static final NamedRules NONE = new NamedRules(List.of());
    private static final int MOST_LETTERS = 60;

    /** A rule's text in an operation, and the name it was given. */
    public record Kept(String rule, Operation operation, String name) {
        /**
         * Reads what a teacher gives a name.
         *
         * @throws Refusal where it is no rule of the operation, or the name is none; the faults name {@code rule} and
         *     {@code name}
         */
        public static Kept of(@Nullable String rule, Operation operation, @Nullable String name) {
            if (rule == null || !Rules.isRule(rule) || Rules.find(rule, operation).isEmpty()) {
                throw Refusal.of("rule",
                        "Only a rule that was worked out can be given a name. Choose one that fits a pupil's answers.");
            }
            String read = name == null ? "" : name.strip();
            if (read.isEmpty()) {
                throw Refusal.of("name", "Type a name, in the words in which you would tell a colleague.");
            }
            if (read.length() > MOST_LETTERS) {
                throw Refusal.of("name", "This name is longer than " + MOST_LETTERS + " letters. Shorten it.");
            }
            return new Kept(rule, operation, read);
        }

        private KnownSlip slip() {
            return Rules.find(rule, operation).orElseThrow().called(name);
        }
    }

    public NamedRules {
        rules = List.copyOf(rules);
    }

    /** The kept rules of an operation, as slips under the teacher's names. */
    public List<KnownSlip> of(@Nullable Operation operation) {
        return rules.stream().filter(kept -> kept.operation() == operation).map(Kept::slip).toList();
    }

    /** Those that can be made in problems worked by a method. */
    public List<KnownSlip> of(MethodName method) {
        return of(method.operation()).stream().filter(slip -> slip.methods().contains(method)).toList();
    }

    private Optional<Kept> kept(String rule, Operation operation) {
        return rules.stream().filter(kept -> kept.rule().equals(rule) && kept.operation() == operation).findFirst();
    }

    /** Whether a rule has been given a name in an operation. */
    public boolean has(String rule, Operation operation) {
        return kept(rule, operation).isPresent();
    }

    /** The slip of that name in an operation, under the name that the school has for it; nothing where it has none. */
    public Optional<KnownSlip> find(String id, Operation operation) {
        return kept(id, operation).map(Kept::slip).or(() -> Slips.find(id, operation));
    }

    /** A slip's name in a few words, as the school says it. */
    public String name(String id, Operation operation) {
        return kept(id, operation).map(Kept::name).orElseGet(() -> Slips.name(id, operation));
    }

    /** The names of slips made together. */
    public String name(List<String> ids, Operation operation) {
        return ids.stream().map(id -> name(id, operation)).collect(Collectors.joining(", "));
    }
}
