package bemble.core.marking;

import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.diagnosis.outcome.Hypotheses;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What may have led to a paper, by the same priors as an answer by itself is judged by. */
final class WhatLed {
    private static final int MOST_EXPLAINED = 3;
    /** How likely just one figure is written of those that may be written there. */
    private static final double ONE_FIGURE = 0.1;
    private static final double LEAST = 1e-3;

    private WhatLed() {}

    /**
     * What may have led to a paper.
     *
     * @param best the reading that fits most nearly
     * @param runs all readings, that of a careful hand first
     */
    static Marked.Causes to(Run best, List<Run> runs) {
        Run careful = runs.get(0);
        double chance = Hypotheses.chance(false) * ONE_FIGURE
                * Math.exp(-Run.LIKELIHOOD * Math.max(0, careful.essential() - 1));
        double unknown = Hypotheses.unknown() * Math.max(LEAST, Math.pow(ONE_FIGURE, careful.essential()));
        Map<List<String>, Double> weights = new LinkedHashMap<>();
        Map<List<String>, Run> likeliest = new LinkedHashMap<>();
        double all = chance + unknown;
        for (Run run : runs) {
            if (run.hypothesis().slips() > 0 && run.cost() <= best.cost() + Marking.NEARLY
                    && run.cost() < careful.cost()) {
                double weight = run.weight();
                all += weight;
                weights.merge(run.hypothesis().names(), weight, Double::sum);
                likeliest.merge(run.hypothesis().names(), run, (one, other) -> other.cost() < one.cost() ? other : one);
            }
        }
        double whole = all;
        List<Marked.Explained> explained = weights.entrySet().stream()
                .sorted(Map.Entry.<List<String>, Double>comparingByValue(Comparator.reverseOrder()))
                .limit(MOST_EXPLAINED)
                .map(each -> Objects.requireNonNull(likeliest.get(each.getKey())).explained(each.getValue() / whole))
                .toList();
        return new Marked.Causes(explained, unknown / whole,
                explained.isEmpty() || explained.get(0).confidence() < unknown / whole
                        ? DiagnosisWords.NOTHING_FITS
                        : explained.get(0).confidence() < chance / whole ? DiagnosisWords.BY_CHANCE : "");
    }
}
