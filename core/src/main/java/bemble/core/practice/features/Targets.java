package bemble.core.practice.features;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What questions are to be drawn for, beside their features.
 *
 * @param facts facts of which each question needs one, such as {@code 7x8}, {@code 8+5} or {@code 13-6}
 * @param tells slips whose answers each question is to tell apart, and from the right one
 */
public record Targets(List<String> facts, List<String> tells) {
    public static final Targets NONE = new Targets(List.of(), List.of());
    private static final int MOST = 60;
    private static final Pattern FACT = Pattern.compile("(\\d{1,3})\\s*([x×*+−-])\\s*(\\d{1,3})");

    /**
     * Reads targets.
     *
     * @throws Refusal where a fact cannot be read, or the operation has no such slip; the faults name {@code want.facts}
     *     and {@code want.tells}
     */
    public static Targets of(Operation operation, List<String> facts, List<String> tells) {
        if (facts.size() > MOST || tells.size() > MOST) {
            throw Refusal.of(facts.size() > MOST ? "want.facts" : "want.tells",
                    "These are more than " + MOST + ". Choose fewer.");
        }
        List<String> read = facts.stream().map(Targets::fact).toList();
        for (String slip : tells) {
            if (Slips.find(slip, operation).isEmpty()) {
                throw Refusal.of("want.tells",
                        "There is no slip called “" + slip + "” in this operation. Choose another.");
            }
        }
        return new Targets(read, List.copyOf(tells));
    }

    private static String fact(String text) {
        Matcher parts = FACT.matcher(text == null ? "" : text.strip());
        if (!parts.matches()) {
            throw Refusal.of("want.facts", "“" + text + "” is not a fact. Write one like 7x8, 8+5 or 13-6.");
        }
        int one = Integer.parseInt(parts.group(1));
        int other = Integer.parseInt(parts.group(3));
        return switch (parts.group(2)) {
            case "+" -> Math.max(one, other) + "+" + Math.min(one, other);
            case "x", "×", "*" -> Math.min(one, other) + "x" + Math.max(one, other);
            default -> one + "-" + other;
        };
    }

    boolean isEmpty() {
        return facts.isEmpty() && tells.isEmpty();
    }

    /** Whether a question needs one of the facts; true where none are wanted. */
    public boolean needsFact(Problem problem) {
        if (facts.isEmpty()) {
            return true;
        }
        Written careful = Written.answerBy(Hand.CAREFUL, problem, Methods.usual(problem), HouseStyle.USUAL);
        return careful.factsWorked().stream().anyMatch(fact -> fact.fact() != null
                && facts.stream()
                        .anyMatch(wanted -> fact.fact().equals(wanted) || fact.fact().startsWith(wanted + "+")));
    }

    /** How many pairs of hands, the careful one among them, a question does not tell apart. */
    public int untold(Problem problem) {
        List<String> answers = new ArrayList<>();
        Method<?> method = Methods.usual(problem);
        String right = Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL).answer().text();
        answers.add(right);
        for (String wanted : tells) {
            Optional<KnownSlip> named = Slips.named(wanted, problem, method.name());
            answers.add(named.stream().flatMap(slip -> slip.slips(problem).stream().limit(1)).findFirst()
                    .flatMap(slip -> Slipped.answer(slip, problem, method, HouseStyle.USUAL)).orElse(right));
        }
        int alike = 0;
        Set<String> seen = new HashSet<>();
        for (String answer : answers) {
            alike += seen.add(answer) ? 0 : Collections.frequency(answers, answer) - 1;
        }
        return alike;
    }
}
