package bemble.core.diagnosis;

import java.util.ArrayList;
import java.util.List;

/** A sum of likelihoods that are kept as logarithms. */
final class Mixture {
    private final List<double[]> parts = new ArrayList<>();

    /** Adds a part: its share, and its likelihood as a logarithm. */
    void add(double share, double log) {
        parts.add(new double[] {share, log});
    }

    /** The logarithm of the sum. */
    double log() {
        double best = parts.stream().mapToDouble(part -> part[1]).max().orElseThrow();
        return best + Math.log(parts.stream().mapToDouble(part -> part[0] * Math.exp(part[1] - best)).sum());
    }
}
