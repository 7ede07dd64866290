package bemble.core.scan;

import java.util.List;

/**
 * Learns a hand from figures that somebody has confirmed: the net's last layer alone is fitted to them, and held near to what it was, so that
 * few figures change little. Forty of a child's are enough to matter; those of a whole class from ten on.
 */
public final class LearntHand {
    private static final int ROUNDS = 60;
    private static final float RATE = 0.5f;
    /** How strongly a weight is drawn back to what it was. */
    private static final float HELD = 0.01f;

    private LearntHand() {}

    /**
     * A figure that is known.
     *
     * @param hidden what {@link FigureNet#hidden} said of its square
     * @param kind one of the {@link FigureChances}
     */
    public record Example(float[] hidden, int kind) {}

    /** The net for that hand; the same net where there is nothing to learn from. */
    public static FigureNet of(FigureNet net, List<Example> examples) {
        if (examples.isEmpty()) {
            return net;
        }
        float[] last = net.last();
        float[] offsets = net.lastOffsets();
        float[] lastBefore = last.clone();
        float[] offsetsBefore = offsets.clone();
        for (int round = 0; round < ROUNDS; round++) {
            for (Example example : examples) {
                FigureChances said = net.withLast(last, offsets).chances(example.hidden());
                // A square that says much would otherwise be learnt in leaps.
                float step = RATE / (1 + square(example.hidden()));
                for (int kind = 0; kind < FigureChances.KINDS; kind++) {
                    float off = (float) ((kind == example.kind() ? 1 : 0) - said.of(kind)) * step;
                    offsets[kind] += off;
                    for (int i = 0; i < FigureNet.HIDDEN; i++) {
                        last[kind * FigureNet.HIDDEN + i] += off * example.hidden()[i];
                    }
                }
            }
            pull(last, lastBefore);
            pull(offsets, offsetsBefore);
        }
        return net.withLast(last, offsets);
    }

    private static float square(float[] numbers) {
        float sum = 0;
        for (float number : numbers) {
            sum += number * number;
        }
        return sum;
    }

    private static void pull(float[] weights, float[] before) {
        for (int i = 0; i < weights.length; i++) {
            weights[i] += HELD * (before[i] - weights[i]);
        }
    }
}
