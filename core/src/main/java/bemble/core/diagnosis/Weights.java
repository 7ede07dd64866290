package bemble.core.diagnosis;

import java.util.Map;

/**
 * What is known of a writer beside one answer.
 *
 * @param bySlip how many times likelier a path is by the slips it goes by, names joined by a space; 1 where it is not there
 */
record Weights(Map<String, Double> bySlip) {
    static final Weights ALONE = new Weights(Map.of());

    double of(Path path) {
        return path.weight() * bySlip.getOrDefault(String.join(" ", path.slips().stream().sorted().toList()), 1.0);
    }
}
