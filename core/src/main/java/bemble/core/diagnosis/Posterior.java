package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Hypotheses;
import bemble.core.diagnosis.outcome.Hypothesis.Kind;
import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.diagnosis.outcome.Known;
import bemble.core.diagnosis.outcome.Model.Chance;
import bemble.core.diagnosis.outcome.Model;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * How likely each hypothesis is of the writer of some answers: the one model by which a single answer, a paper, an interview
 * and a record are judged. A habit pays for each wrong answer that it leaves and for each right one that it would have
 * spoilt; a careful writer, a careless one and a habit that is not known are always among the rivals.
 */
final class Posterior {
    private static final double LIKELIER_THAN_NOT = 0.5;
    /** What no model comes to is not impossible. */
    private static final double TINY = 1e-12;

    private final List<Known> known;
    private final Map<Hypothesis, Double> priors = new LinkedHashMap<>();
    private final Map<Hypothesis, Double> logs = new LinkedHashMap<>();
    private final Map<Hypothesis, Double> weights = new LinkedHashMap<>();
    private final List<Habit> habits;

    private Posterior(List<Known> known, Hypotheses hypotheses) {
        this.known = known;
        weigh(hypotheses.always());
        List<Known> wrong = known.stream().filter(each -> !each.isRight()).toList();
        if (!wrong.isEmpty()) {
            weigh(hypotheses.among(wrong));
            weigh(hypotheses.pairs(likeliestSingles(), wrong));
        }
        normalize();
        habits = gathered();
    }

    /** Weighs what may have been in the mind of the one who gave these answers. */
    static Posterior of(List<Known> known, Hypotheses hypotheses) {
        return new Posterior(known, hypotheses);
    }

    private void weigh(Map<Hypothesis, Double> more) {
        priors.putAll(more);
        List<Map.Entry<Hypothesis, Double>> all = List.copyOf(more.entrySet());
        // Most of the work is to find what hands come to; no hypothesis needs another.
        double[] found =
                all.parallelStream().mapToDouble(each -> Math.log(each.getValue()) + likelihood(each.getKey(), known))
                        .toArray();
        for (int i = 0; i < found.length; i++) {
            logs.put(all.get(i).getKey(), found[i]);
        }
    }

    private List<Hypothesis> likeliestSingles() {
        return logs.entrySet().stream().filter(entry -> entry.getKey().isKnown() && !entry.getKey().isOfTwo()
                && entry.getKey().member() == null && !entry.getKey().isRule())
                .sorted(Map.Entry.<Hypothesis, Double>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey).toList();
    }

    private void normalize() {
        double best = logs.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        double sum = logs.values().stream().mapToDouble(log -> Math.exp(log - best)).sum();
        logs.forEach((hypothesis, log) -> weights.put(hypothesis, Math.exp(log - best) / sum));
    }

    /** How likely the answers are of such a writer, as a logarithm. */
    private static double likelihood(Hypothesis hypothesis, List<Known> known) {
        return switch (hypothesis.kind()) {
            case CAREFUL -> chance(Model.SLACK, known);
            case CARELESS -> chance(Model.CARELESSNESS, known);
            case UNKNOWN -> unknown(known);
            case KNOWN -> habit(hypothesis, known);
        };
    }

    private static double chance(List<Chance> rates, List<Known> known) {
        Mixture mixture = new Mixture();
        for (Chance rate : rates) {
            double sum = 0;
            for (Known each : known) {
                sum += Math.log(each.isRight() ? 1 - rate.rate() : rate.rate() * each.careless());
            }
            mixture.add(rate.share(), sum);
        }
        return mixture.log();
    }

    private static double unknown(List<Known> known) {
        Mixture mixture = new Mixture();
        for (Chance rate : Model.UNKNOWN_RATES) {
            for (Chance coincides : Model.COINCIDES) {
                double sum = 0;
                for (Known each : known) {
                    sum += Math.log(each.isRight() ? 1 - rate.rate() : rate.rate() * each.unknown(coincides.rate()));
                }
                mixture.add(rate.share() * coincides.share(), sum);
            }
        }
        return mixture.log();
    }

    private static double habit(Hypothesis habit, List<Known> known) {
        double[] made = new double[known.size()];
        double[] besides = new double[known.size()];
        double[][] singly = new double[known.size()][];
        for (int i = 0; i < made.length; i++) {
            made[i] = known.get(i).made(habit);
            besides[i] = known.get(i).carelessBesides(habit);
            singly[i] = habit.isOfTwo() ? new double[] {known.get(i).made(Hypothesis.of(habit.one())),
                known.get(i).made(Hypothesis.of(habit.other()))} : null;
        }
        if (!explainsEnough(habit, made, known)) {
            return -Double.MAX_VALUE / 2;
        }
        Mixture mixture = new Mixture();
        for (Chance firmness : Model.FIRMNESS) {
            for (Chance slack : Model.SLACK) {
                double sum = 0;
                for (int i = 0; i < made.length; i++) {
                    if (!known.get(i).isTried(habit)) {
                        sum += Math.log(known.get(i).byAnybody());
                        continue;
                    }
                    double right = known.get(i).isRight() ? 1 : 0;
                    double firm = firmness.rate();
                    double comes = singly[i] == null ? firm * made[i] + (1 - firm) * right
                            : firm * firm * made[i] + firm * (1 - firm) * (singly[i][0] + singly[i][1])
                                    + (1 - firm) * (1 - firm) * right;
                    sum += Math.log((1 - slack.rate()) * comes + slack.rate() * besides[i] + TINY);
                }
                mixture.add(firmness.share() * slack.share(), sum);
            }
        }
        return mixture.log();
    }

    /** A habit that leaves most of the wrong answers to chance is none. */
    private static boolean explainsEnough(Hypothesis habit, double[] made, List<Known> known) {
        int wrong = 0;
        int explained = 0;
        for (int i = 0; i < made.length; i++) {
            wrong += known.get(i).isRight() ? 0 : 1;
            explained += !known.get(i).isRight() && made[i] > Known.EXPLAINS ? 1 : 0;
        }
        double least =
                habit.isOfTwo() ? Model.EXPLAINED_BY_TWO : habit.isRule() ? Model.EXPLAINED_BY_A_RULE : Model.EXPLAINED;
        return wrong == 0 || explained >= least * wrong;
    }

    /** The likeliest hypotheses, so many at most. */
    List<Hypothesis> likeliest(int most) {
        return logs.entrySet().stream()
                .sorted(Map.Entry.<Hypothesis, Double>comparingByValue(Comparator.reverseOrder())).limit(most)
                .map(Map.Entry::getKey).toList();
    }

    /** How likely a hypothesis is after some of the answers alone, as a logarithm, up to what is alike for all. */
    double log(Hypothesis hypothesis, List<Known> some) {
        return Math.log(Objects.requireNonNull(priors.get(hypothesis))) + likelihood(hypothesis, some);
    }

    /** How many of the answers are wrong. */
    long wrong() {
        return known.stream().filter(each -> !each.isRight()).count();
    }

    /** How likely each hypothesis is. */
    Map<Hypothesis, Double> weights() {
        return weights;
    }

    double of(Kind kind) {
        return weights.entrySet().stream().filter(entry -> entry.getKey().kind() == kind)
                .mapToDouble(Map.Entry::getValue).sum();
    }

    static final Comparator<Habit> LIKELIEST = Comparator.comparingDouble((Habit habit) -> -habit.weight())
            .thenComparing(habit -> String.join(" ", habit.slips()));

    /** The habits, those of one name and those that come to the same taken together, the likeliest first. */
    List<Habit> habits() {
        return habits;
    }

    private List<Habit> gathered() {
        Map<List<String>, Habit> byName = new LinkedHashMap<>();
        weights.forEach((hypothesis, weight) -> {
            if (hypothesis.isKnown()) {
                byName.merge(hypothesis.slips(), new Habit(hypothesis, weight, weight, Set.of(hypothesis.slips())),
                        Habit::with);
            }
        });
        return Alike.together(byName.values().stream().sorted(LIKELIEST).toList(),
                known.stream().map(Known::answers).toList());
    }

    /** Of slips that first which explains more answers by itself, and else the likelier; those of a habit in one order. */
    Comparator<String> likelierFirst() {
        return Comparator.comparingLong((String slip) -> -explains(slip)).thenComparingDouble(slip -> -makes(slip))
                .thenComparing(slip -> makes(slip) > LIKELIER_THAN_NOT ? slip : "");
    }

    private long explains(String slip) {
        return known.stream().filter(each -> !each.isRight() && each.made(Hypothesis.of(slip)) > Known.EXPLAINS)
                .count();
    }

    /** How likely the writer makes a slip at all, be it with another one. */
    double makes(String slip) {
        return habits.stream().filter(habit -> habit.slips().contains(slip)).mapToDouble(Habit::weight).sum();
    }

    /** The name of the cause to which a hypothesis belongs. */
    private List<String> cause(Hypothesis hypothesis) {
        return habits.stream().filter(habit -> habit.names().contains(hypothesis.slips())).findFirst().map(Habit::slips)
                .orElse(hypothesis.slips());
    }

    /** Those slips of a cause that show in an answer: where one of two leads to it by itself, the other was not made there. */
    private static List<String> madeIn(Known answer, List<String> cause) {
        List<List<String>> alone = cause.size() < 2 ? List.of() : cause.stream()
                .filter(slip -> answer.made(Hypothesis.of(slip)) > Known.EXPLAINS).map(List::of).toList();
        return alone.size() == 1 ? alone.get(0) : cause;
    }

    /** How much of an answer is owed to each habit of the writer. */
    Map<List<String>, Double> owed(Known answer) {
        Map<List<String>, Double> owed = new LinkedHashMap<>();
        weights.forEach((hypothesis, weight) -> {
            if (hypothesis.isKnown() && weight > 1e-4) {
                double made = answer.made(hypothesis);
                double slack = Model.mean(Model.SLACK);
                double all = (1 - slack) * made + slack * answer.carelessBesides(hypothesis);
                if (made > 0 && all > 0) {
                    owed.merge(madeIn(answer, cause(hypothesis)), weight * (1 - slack) * made / all, Double::sum);
                }
            }
        });
        return owed;
    }
}
