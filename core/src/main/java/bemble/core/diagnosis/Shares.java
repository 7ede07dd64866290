package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.outcome.Known;
import bemble.core.diagnosis.outcome.Model.Chance;
import bemble.core.diagnosis.outcome.Model;
import bemble.core.diagnosis.outcome.Path;
import bemble.core.hand.slipped.Slip;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How a wrong answer is shared out among what may have led to it.
 *
 * @param causes by the names of slips, each from 0 to 1
 * @param likeliest the likeliest hand of each cause
 * @param careless how likely digits went wrong by chance, with no fact missed and no rule broken
 * @param unknown how likely a habit that is not known led to it
 */
record Shares(Map<List<String>, Double> causes, Map<List<String>, Path> likeliest, double careless, double unknown) {
    /** How much less likely a slip is made once by somebody who does not have it. */
    private static final double SELDOM = 0.3;

    /**
     * Of an answer by itself.
     *
     * @param paper the slip that its paper fits; null where none is at hand
     */
    static Shares of(Known known, @Nullable String paper) {
        Answers answers = known.answers();
        String key = known.key();
        Map<List<String>, Double> causes = new LinkedHashMap<>();
        Map<List<String>, Path> likeliest = new LinkedHashMap<>();
        double slack = 1 - Model.mean(Model.SLACK);
        double firm = Model.mean(Model.FIRMNESS);
        double chance = Model.wrongByChance();
        Slip miss = answers.missedHand(key);
        if (miss != null) {
            Path missed = new Path(List.of(Slips.FACT_NEAR_MISS), miss, HouseStyle.USUAL,
                    chance * Model.FACTS_MISSED * answers.afterMiss(key));
            causes.put(missed.slips(), missed.weight());
            likeliest.put(missed.slips(), missed);
        }
        // What one thing explains needs no two.
        for (Path path : causes.isEmpty() ? answers.leadingTo(key) : answers.singlesLeadingTo(key)) {
            List<String> names = path.slips().stream().sorted().toList();
            causes.merge(names, path.weight() * slack * firm, Double::sum);
            likeliest.merge(names, path, (one, other) -> other.weight() > one.weight() ? other : one);
        }
        if (paper != null) {
            causes.replaceAll((names, weight) -> names.contains(paper) ? weight : weight * Model.AGAINST_THE_PAPER);
        }
        double careless = Math.max(0, chance * (known.careless() - Model.FACTS_MISSED * answers.afterMiss(key)));
        double unknown = 0;
        for (Chance coincides : Model.COINCIDES) {
            unknown += Model.UNKNOWN * Model.mean(Model.UNKNOWN_RATES) * coincides.share()
                    * known.unknown(coincides.rate());
        }
        double all = careless + unknown + causes.values().stream().mapToDouble(Double::doubleValue).sum();
        causes.replaceAll((names, weight) -> weight / all);
        return new Shares(causes, likeliest, careless / all, unknown / all);
    }

    /** The cause with the greatest share; nothing where there is none. */
    Optional<List<String>> best() {
        return causes.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** The likeliest hand of one of the causes. */
    Path path(List<String> cause) {
        return Objects.requireNonNull(likeliest.get(cause));
    }

    /**
     * The same in the light of the writer's other answers.
     *
     * @param owed how much of this answer is owed to each habit of the writer
     * @param answers the answers that hands come to in the question
     * @param habitUnknown how likely the writer has a habit that is not known
     */
    Shares of(Map<List<String>, Double> owed, double habitUnknown, Answers answers) {
        Map<List<String>, Double> causes = new LinkedHashMap<>();
        Map<List<String>, Path> likeliest = new LinkedHashMap<>(this.likeliest);
        owed.keySet().stream().filter(names -> !likeliest.containsKey(names)).forEach(names -> answers.pathOf(names)
                .ifPresent(path -> likeliest.put(names, path)));
        double sum = owed.entrySet().stream().filter(entry -> likeliest.containsKey(entry.getKey()))
                .mapToDouble(Map.Entry::getValue).sum();
        double left = Math.max(0, 1 - sum - habitUnknown);
        // What no habit of the writer led to is judged by itself, and chance first: one thing now and then is no habit, and a habit
        // that is not known would have shown in the other answers too.
        this.causes.forEach((names, share) -> causes.put(names, owed.getOrDefault(names, 0.0)
                + left * (names.equals(List.of(Slips.FACT_NEAR_MISS)) ? share : share * SELDOM)));
        owed.forEach((names, share) -> {
            if (likeliest.containsKey(names)) {
                causes.putIfAbsent(names, share);
            }
        });
        double chance = careless * left;
        double unknown = habitUnknown + left * this.unknown * SELDOM;
        double all = unknown + chance + causes.values().stream().mapToDouble(Double::doubleValue).sum();
        causes.replaceAll((names, share) -> share / all);
        return new Shares(causes, likeliest, chance / all, unknown / all);
    }
}
