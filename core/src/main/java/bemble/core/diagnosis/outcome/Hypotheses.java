package bemble.core.diagnosis.outcome;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import bemble.core.slip.Rules;
import bemble.core.slip.Slips;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What may be in the mind of those who work some questions, each with how likely it is before anything is seen. Whoever judges,
 * an answer, a paper or a writer, asks here: there is no other list.
 */
public final class Hypotheses {
    private static final int SEEDS_OF_PAIRS = 8;
    private static final int LOOKED_AT = 4;
    /** From one answer no rule is worked out. */
    private static final int LEAST_FOR_A_RULE = 2;
    /** From more wrong answers than these it would take longer than anybody waits. */
    private static final int MOST_FOR_A_RULE = 60;
    /** Of the wrong answers a rule explains this share at least to be worth weighing. */
    private static final double WORTH_WEIGHING = 0.3;

    private final Map<String, Double> priors = new LinkedHashMap<>();

    private Hypotheses(Collection<KnownSlip> slips) {
        slips.forEach(slip -> priors.putIfAbsent(slip.id(), Model.prior(slip.met())));
    }

    /** The listed slips that may be met in a problem worked by a method. */
    public static List<KnownSlip> listed(Problem problem, MethodName method) {
        return Slips.met(problem, method);
    }

    /** The same in a school that knows more of its pupils. */
    public static List<KnownSlip> listed(Problem problem, MethodName method, NamedRules kept) {
        return Stream.concat(listed(problem, method).stream(), kept.of(method).stream()).toList();
    }

    /** How likely somebody has listed slips, all of them at once; nothing listed is as likely as being careful. */
    public static double prior(List<KnownSlip> slips) {
        double prior = slips.isEmpty() ? Model.CAREFUL : slips.size() > 1 ? Model.SLIPS_GO_TOGETHER : 1;
        for (KnownSlip slip : slips) {
            prior *= Model.prior(slip.met());
        }
        return prior;
    }

    /** How likely something goes wrong by chance in one answer, and what share of it is a fact that is missed. */
    public static double chance(boolean fact) {
        return Model.wrongByChance() * (fact ? Model.FACTS_MISSED : 1 - Model.FACTS_MISSED);
    }

    /** How likely one answer is led wrong by a habit that is not known. */
    public static double unknown() {
        return Model.UNKNOWN * Model.mean(Model.UNKNOWN_RATES);
    }

    public static Hypotheses of(List<Answers> questions) {
        return new Hypotheses(questions.stream().flatMap(question -> question.slips().stream()).toList());
    }

    public static Hypotheses of(Collection<KnownSlip> slips) {
        return new Hypotheses(slips);
    }

    /** How likely each listed slip is a writer's habit. */
    public Map<String, Double> priors() {
        return priors;
    }

    /** The rivals that are always there, and every listed slip by itself. */
    public Map<Hypothesis, Double> always() {
        Map<Hypothesis, Double> always = new LinkedHashMap<>();
        always.put(Hypothesis.CAREFUL, Model.CAREFUL);
        always.put(Hypothesis.CARELESS, Model.CARELESS);
        always.put(Hypothesis.UNKNOWN, Model.UNKNOWN);
        priors.forEach((slip, prior) -> always.put(Hypothesis.of(slip), prior * (1 - Model.UNDER_A_LIMIT)));
        return always;
    }

    /** Rules worked out and members of families, as far as they explain some of the wrong answers. */
    public Map<Hypothesis, Double> among(List<Known> wrong) {
        Map<Hypothesis, Double> among = new LinkedHashMap<>();
        Map<Hypothesis, Integer> explained = new HashMap<>();
        for (Known each : wrong.size() < LEAST_FOR_A_RULE || wrong.size() > MOST_FOR_A_RULE ? List.<Known>of()
                : wrong) {
            each.answers().rulesLeadingTo(each.key())
                    .forEach(hypothesis -> explained.merge(hypothesis, 1, Integer::sum));
        }
        explained.forEach((hypothesis, times) -> {
            if (times >= LEAST_FOR_A_RULE && times >= WORTH_WEIGHING * wrong.size()) {
                among.put(hypothesis, prior(hypothesis));
            }
        });
        return among;
    }

    private double priorOf(String slip) {
        return Objects.requireNonNull(priors.get(slip));
    }

    private double prior(Hypothesis hypothesis) {
        if (hypothesis.member() != null) {
            return priors.getOrDefault(hypothesis.one(), 0.0) / Model.MEMBERS_OF_A_FAMILY;
        }
        String text = hypothesis.one().substring(Rules.PREFIX.length());
        int at = text.indexOf('@');
        Double listed = at < 0 ? null : priors.get(text.substring(0, at));
        return listed != null ? listed * Model.UNDER_A_LIMIT / Limit.values().length
                : at < 0 ? Model.RULE : Model.GUARDED_RULE;
    }

    /** Two habits at once: the likeliest ones with each other one, and those that lead to an answer only together. */
    public Map<Hypothesis, Double> pairs(List<Hypothesis> singles, List<Known> wrong) {
        List<Known> open = wrong.stream()
                .filter(each -> singles.stream().limit(1).noneMatch(single -> explains(single, each))).toList();
        Map<Hypothesis, Double> pairs = new LinkedHashMap<>();
        if (open.isEmpty()) {
            return pairs;
        }
        Set<Hypothesis> tried = new LinkedHashSet<>();
        for (Hypothesis seed : singles.subList(0, Math.min(SEEDS_OF_PAIRS, singles.size()))) {
            priors.keySet().stream().filter(other -> !seed.has(other))
                    .forEach(other -> tried.add(Hypothesis.ofBoth(seed.one(), other)));
        }
        open.stream().filter(each -> singles.stream().noneMatch(single -> explains(single, each))).limit(LOOKED_AT)
                .flatMap(each -> each.answers().leadingTo(each.key()).stream())
                .filter(path -> path.with() != null && priors.containsKey(path.slip())
                        && priors.containsKey(path.with()))
                .forEach(path -> tried.add(Hypothesis.ofBoth(path.slip(), path.with())));
        List<Hypothesis> all = new ArrayList<>(tried);
        List<Known> first = open.subList(0, Math.min(LOOKED_AT, open.size()));
        boolean[] worth = new boolean[all.size()];
        IntStream.range(0, worth.length).parallel()
                .forEach(i -> worth[i] = first.stream().anyMatch(each -> explains(all.get(i), each)));
        for (int i = 0; i < worth.length; i++) {
            if (worth[i]) {
                pairs.put(all.get(i),
                        priorOf(all.get(i).one()) * priorOf(all.get(i).other()) * Model.SLIPS_GO_TOGETHER);
            }
        }
        return pairs;
    }

    private static boolean explains(Hypothesis hypothesis, Known answer) {
        return answer.made(hypothesis) > Known.EXPLAINS;
    }
}
