package bemble.core.diagnosis;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.KnownSlip;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The answers of one writer judged together: a habit that explains five answers outweighs five different misses, and one
 * that would have spoilt answers that are right is doubted.
 */
public final class Writer {
    private static final int TRIED_WITH_OTHERS = 6;
    private static final int LOOKED_AT_FOR_PAIRS = 4;
    private static final double WORTH_SAYING = 0.05;
    private static final double EXPLAINS = 0.02;
    private static final int MOST_FACTS = 12;

    private final List<Item> items;
    private final Punctuation punctuation;
    private final List<Known> known = new ArrayList<>();
    private final Map<String, Double> priors = new LinkedHashMap<>();
    /** The slips that explain a wrong answer by themselves; only of these one asks what a fact missed besides leads to. */
    private final Set<String> explaining = new HashSet<>();
    private final Map<Habit, Double> posterior = new LinkedHashMap<>();
    private final Problem first;

    private Writer(List<Item> items, Punctuation punctuation) {
        this.items = items;
        this.punctuation = punctuation;
        for (Item item : items) {
            GivenAnswer.read(item.given(), punctuation).map(GivenAnswer::key)
                    .ifPresent(key -> known.add(new Known(item.answers(), key)));
            item.answers().slips().forEach(slip -> priors.putIfAbsent(slip.id(), Model.prior(slip.met())));
        }
        known.stream().filter(each -> !each.isRight()).forEach(each -> priors.keySet().stream().filter(each::isReachedBy)
                .forEach(explaining::add));
        this.first = items.isEmpty() ? null : items.get(0).answers().problem();
        weigh();
    }

    /** Judges what one writer answered; the questions may be of one operation or of several. */
    public static Writer of(List<Item> items, Punctuation punctuation) {
        return new Writer(items, punctuation);
    }

    /** One of whom nothing is known yet but which slips there are. */
    static Writer unknown(List<KnownSlip> slips, Punctuation punctuation) {
        Writer writer = new Writer(List.of(), punctuation);
        slips.forEach(slip -> writer.priors.putIfAbsent(slip.id(), Model.prior(slip.met())));
        writer.weigh();
        return writer;
    }

    private void weigh() {
        Map<Habit, Double> before = new LinkedHashMap<>();
        double slipping = priors.values().stream().mapToDouble(Double::doubleValue).sum();
        before.put(Habit.NONE, Math.max(0.3, 1 - slipping));
        priors.forEach((slip, prior) -> before.put(new Habit(slip, null), prior));
        Map<Habit, Double> logs = weighed(before);
        logs.putAll(weighed(pairs(logs)));
        double best = logs.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        double sum = logs.values().stream().mapToDouble(log -> Math.exp(log - best)).sum();
        posterior.clear();
        logs.forEach((habit, log) -> posterior.put(habit, Math.exp(log - best) / sum));
    }

    /** Two habits at once, of which one is among the likeliest by itself; only where some answer is left unexplained. */
    private Map<Habit, Double> pairs(Map<Habit, Double> logs) {
        List<Known> wrong = known.stream().filter(each -> !each.isRight()).toList();
        if (wrong.isEmpty()) {
            return Map.of();
        }
        List<String> likely = logs.entrySet().stream().filter(entry -> entry.getKey().one() != null)
                .sorted(Map.Entry.<Habit, Double>comparingByValue().reversed()).limit(TRIED_WITH_OTHERS)
                .map(entry -> entry.getKey().one()).toList();
        Habit best = logs.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        if (best.one() != null && wrong.stream().allMatch(each -> explains(best, each))) {
            return Map.of();
        }
        Set<Set<String>> tried = new LinkedHashSet<>();
        likely.forEach(one -> priors.keySet().stream().filter(other -> !other.equals(one))
                .forEach(other -> tried.add(Set.of(one, other))));
        // Where no single slip leads to an answer, those that lead to it together.
        wrong.stream().filter(each -> explaining.stream().noneMatch(slip -> explains(new Habit(slip, null), each)))
                .limit(LOOKED_AT_FOR_PAIRS).flatMap(each -> each.answers().leadingTo(each.key()).stream())
                .filter(path -> path.with() != null && !path.with().equals(Slips.FACT_NEAR_MISS))
                .forEach(path -> tried.add(Set.copyOf(path.slips())));
        Map<Habit, Double> before = new LinkedHashMap<>();
        for (Set<String> pair : tried) {
            List<String> names = pair.stream().sorted().toList();
            before.put(new Habit(names.get(0), names.get(1)),
                    priors.get(names.get(0)) * priors.get(names.get(1)) * Model.SLIPS_GO_TOGETHER);
        }
        return before;
    }

    /**
     * How likely each habit is together with the answers, as a logarithm.
     *
     * @param before how likely each is without them
     */
    private Map<Habit, Double> weighed(Map<Habit, Double> before) {
        List<Habit> habits = List.copyOf(before.keySet());
        // Most of the work is to find what hands come to in each question, and no question needs another.
        List<double[][]> byAnswer = known.parallelStream().map(each -> habits.stream()
                .map(habit -> each.logs(habit, explaining)).toArray(double[][]::new)).toList();
        Map<Habit, Double> logs = new LinkedHashMap<>();
        for (int i = 0; i < habits.size(); i++) {
            double[] sums = new double[Model.FIRMNESS.length];
            for (double[][] ofAnswer : byAnswer) {
                for (int firmness = 0; firmness < sums.length; firmness++) {
                    sums[firmness] += ofAnswer[i][firmness];
                }
            }
            logs.put(habits.get(i), Math.log(before.get(habits.get(i))) + firmOrNot(sums));
        }
        return logs;
    }

    /** How likely the answers are of a writer of whom one does not know how firm the habit is, as a logarithm. */
    private static double firmOrNot(double[] logs) {
        double best = Arrays.stream(logs).max().orElseThrow();
        double sum = 0;
        for (int i = 0; i < logs.length; i++) {
            sum += Model.FIRMNESS[i][1] * Math.exp(logs[i] - best);
        }
        return best + Math.log(sum);
    }

    private static boolean explains(Habit habit, Known each) {
        return !each.isRight() && each.made(habit, Model.FIRMNESS[1][0]) > EXPLAINS;
    }

    /** How likely the writer is careful, and only misses a fact now and then. */
    public double careful() {
        return posterior.getOrDefault(Habit.NONE, 0.0);
    }

    Map<Habit, Double> habits() {
        return posterior;
    }

    /** The causes, likeliest first; none of a writer who is likelier careful. */
    public List<Cause> causes() {
        if (careful() > Model.CAREFUL_ENOUGH || first == null || known.stream().allMatch(Known::isRight)) {
            return List.of();
        }
        return posterior.entrySet().stream().filter(entry -> entry.getKey().one() != null && entry.getValue() >= WORTH_SAYING)
                .sorted(Map.Entry.<Habit, Double>comparingByValue().reversed().thenComparing(entry -> entry.getKey().one()))
                .map(entry -> cause(entry.getKey(), entry.getValue())).toList();
    }

    private Cause cause(Habit habit, double confidence) {
        int wrong = (int) known.stream().filter(each -> !each.isRight()).count();
        int explains = (int) known.stream().filter(each -> explains(habit, each)).count();
        int chances = (int) known.stream().filter(each -> habit.slips().stream().anyMatch(each.answers()::hasChance)).count();
        return new Cause(habit.one(), habit.other(), explains, wrong, chances, confidence,
                DiagnosisWords.rests(habit.slips(), first, explains, wrong, chances, known.size(), confidence));
    }

    /** Each answer judged in the light of the others. */
    public List<Judged> items() {
        Map<String, Double> bySlip = new HashMap<>();
        double wrong = known.stream().filter(each -> !each.isRight()).count();
        posterior.forEach((habit, probability) -> {
            if (habit.one() != null && wrong > 0) {
                List<String> names = habit.slips().stream().sorted().toList();
                names.forEach(name -> bySlip.merge(name, probability / priors.get(name), Double::sum));
                if (names.size() > 1) {
                    bySlip.merge(String.join(" ", names), probability / (priors.get(names.get(0)) * priors.get(names.get(1))),
                            Double::sum);
                }
            }
        });
        bySlip.replaceAll((name, factor) -> Math.max(factor, 0.05));
        Weights weights = known.size() < 2 ? Weights.ALONE : new Weights(bySlip);
        return items.parallelStream().map(item -> Diagnosis.of(item.answers(), item.given(), punctuation, weights)).toList();
    }

    /**
     * A fact that was missed.
     *
     * @param fact as it is learnt, such as {@code 7x8}
     * @param missed how often it was missed by a group
     * @param of in how many of the questions it came
     */
    public record Missed(String fact, int missed, int of) {}

    /** The facts missed in answers that no likely habit explains, the most missed first. */
    public List<Missed> facts() {
        Habit likeliest = posterior.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(Habit.NONE);
        Map<String, Integer> missed = new TreeMap<>();
        for (Known each : known) {
            if (!each.isRight() && !explains(likeliest, each)) {
                FactQuestion<?> fact = each.answers().factMissed(each.key());
                if (fact != null && fact.fact() != null) {
                    missed.merge(fact.fact(), 1, Integer::sum);
                }
            }
        }
        return missed.entrySet().stream().map(entry -> new Missed(entry.getKey(), entry.getValue(), comesIn(entry.getKey())))
                .sorted(Comparator.comparingInt(Missed::missed).reversed().thenComparing(Missed::fact)).limit(MOST_FACTS).toList();
    }

    /** The fact that a wrong answer may have missed, such as {@code 7x8}, whatever else explains it; null where none does. */
    public String factMissed(int item) {
        Answers answers = items.get(item).answers();
        return GivenAnswer.read(items.get(item).given(), punctuation).map(GivenAnswer::key).filter(key -> !answers.isRight(key))
                .map(answers::factMissed).map(FactQuestion::fact).orElse(null);
    }

    private int comesIn(String fact) {
        return (int) known.stream().filter(each -> each.answers().factsWorked().stream()
                .anyMatch(worked -> fact.equals(worked.fact()))).count();
    }

    /** Whether one is sure what the writer does, or that there is nothing. */
    public boolean isSure() {
        return careful() >= Model.SURE && known.size() > 2 || causes().stream().anyMatch(cause -> cause.confidence() >= Model.SURE);
    }
}
