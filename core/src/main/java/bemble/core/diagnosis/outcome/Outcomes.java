package bemble.core.diagnosis.outcome;

import java.util.LinkedHashMap;
import java.util.Map;

/** The answers that one slip leads to in one question. */
public final class Outcomes {
    public static final Outcomes NONE = new Outcomes();
    private final Map<String, Double> weights = new LinkedHashMap<>();
    private double all;
    private boolean changesAnswer;

    /**
     * Adds an answer.
     *
     * @param weight how likely beforehand somebody makes this slip and comes to that answer
     * @param changed whether it is another answer than the right one
     */
    public void add(String key, double weight, boolean changed) {
        weights.merge(key, weight, Double::sum);
        all += weight;
        changesAnswer |= changed;
    }

    /** How likely beforehand somebody makes this slip and comes to that answer. */
    public double weight(String key) {
        return weights.getOrDefault(key, 0.0);
    }

    /** How likely somebody who makes this slip comes to that answer. */
    public double share(String key) {
        return all == 0 ? 0 : weight(key) / all;
    }

    /** Whether there is no such slip in this question. */
    public boolean isEmpty() {
        return weights.isEmpty();
    }

    public boolean changesAnswer() {
        return changesAnswer;
    }

    public Map<String, Double> weights() {
        return weights;
    }
}
