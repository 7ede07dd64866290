package bemble.core.scan;

import java.util.Arrays;

/**
 * Reads the figure in a square: a small convolutional net, four convolutions and two dense layers, with the weights that the training
 * module found. Its forward pass alone is here; the weights are given as bytes, since the core reads no files.
 */
public final class FigureNet {
    /** Channels of the pictures between its convolutions. */
    private static final int[] CHANNELS = {1, 8, 16, 32, 32};
    /** Whether a picture is halved after a convolution. */
    private static final boolean[] HALVED = {true, true, false, true};
    private static final int KERNEL = 3;
    /** What the last layer but one says of a square. */
    public static final int HIDDEN = 64;

    private final float[][] kernels = new float[CHANNELS.length - 1][];
    private final float[][] offsets = new float[CHANNELS.length - 1][];
    private final float[] dense;
    private final float[] denseOffsets;
    private final float[] last;
    private final float[] lastOffsets;

    /** Reads numbers of four bytes, the lowest first. */
    private static final class Numbers {
        private final byte[] bytes;
        private int at;

        Numbers(byte[] bytes) {
            this.bytes = bytes;
        }

        float[] next(int count) {
            float[] numbers = new float[count];
            for (int i = 0; i < count; i++, at += Float.BYTES) {
                numbers[i] = Float.intBitsToFloat(bytes[at] & 255 | (bytes[at + 1] & 255) << 8
                        | (bytes[at + 2] & 255) << 16 | (bytes[at + 3] & 255) << 24);
            }
            return numbers;
        }
    }

    private FigureNet(byte[] weights) {
        if (weights.length != count() * Float.BYTES) {
            throw new IllegalArgumentException("A net of " + count() + " weights has not " + weights.length + " bytes");
        }
        Numbers numbers = new Numbers(weights);
        for (int layer = 0; layer < kernels.length; layer++) {
            kernels[layer] = numbers.next(CHANNELS[layer + 1] * CHANNELS[layer] * KERNEL * KERNEL);
            offsets[layer] = numbers.next(CHANNELS[layer + 1]);
        }
        dense = numbers.next(HIDDEN * flat());
        denseOffsets = numbers.next(HIDDEN);
        last = numbers.next(FigureChances.KINDS * HIDDEN);
        lastOffsets = numbers.next(FigureChances.KINDS);
    }

    private FigureNet(FigureNet other, float[] last, float[] lastOffsets) {
        System.arraycopy(other.kernels, 0, kernels, 0, kernels.length);
        System.arraycopy(other.offsets, 0, offsets, 0, offsets.length);
        this.dense = other.dense;
        this.denseOffsets = other.denseOffsets;
        this.last = last.clone();
        this.lastOffsets = lastOffsets.clone();
    }

    /** The same net with another last layer. */
    FigureNet withLast(float[] weights, float[] weightsOffsets) {
        return new FigureNet(this, weights, weightsOffsets);
    }

    /** The weights of the last layer, kind by kind. */
    float[] last() {
        return last.clone();
    }

    float[] lastOffsets() {
        return lastOffsets.clone();
    }

    /** @param weights as the training module writes them: layer by layer its weights and its offsets, four bytes each */
    public static FigureNet of(byte[] weights) {
        return new FigureNet(weights);
    }

    private static int side(int layers) {
        int side = SquareCut.CELLS;
        for (int layer = 0; layer < layers; layer++) {
            side = HALVED[layer] ? side / 2 : side;
        }
        return side;
    }

    private static int flat() {
        int side = side(HALVED.length);
        return CHANNELS[CHANNELS.length - 1] * side * side;
    }

    /** How many weights there are. */
    public static int count() {
        int count = HIDDEN * flat() + HIDDEN + FigureChances.KINDS * HIDDEN + FigureChances.KINDS;
        for (int layer = 0; layer + 1 < CHANNELS.length; layer++) {
            count += CHANNELS[layer + 1] * (CHANNELS[layer] * KERNEL * KERNEL + 1);
        }
        return count;
    }

    /** @param cut as {@link SquareCut} gives it */
    public FigureChances read(float[] cut) {
        return chances(hidden(cut));
    }

    /** What the last layer but one says of a square; the last one can be learnt anew for a hand. */
    public float[] hidden(float[] cut) {
        float[] picture = cut;
        for (int layer = 0; layer < kernels.length; layer++) {
            int side = side(layer);
            picture = convolved(picture, layer, side);
            if (HALVED[layer]) {
                picture = halved(picture, CHANNELS[layer + 1], side);
            }
        }
        float[] hidden = new float[HIDDEN];
        for (int i = 0; i < HIDDEN; i++) {
            hidden[i] = Math.max(0, denseOffsets[i] + product(dense, i * picture.length, picture));
        }
        return hidden;
    }

    /** What may stand there, by what {@link #hidden} said. */
    public FigureChances chances(float[] hidden) {
        double[] chances = new double[FigureChances.KINDS];
        double most = Double.NEGATIVE_INFINITY;
        for (int kind = 0; kind < chances.length; kind++) {
            chances[kind] = lastOffsets[kind] + product(last, kind * HIDDEN, hidden);
            most = Math.max(most, chances[kind]);
        }
        double all = 0;
        for (int kind = 0; kind < chances.length; kind++) {
            chances[kind] = Math.exp(chances[kind] - most);
            all += chances[kind];
        }
        for (int kind = 0; kind < chances.length; kind++) {
            chances[kind] /= all;
        }
        return new FigureChances(chances);
    }

    private static float product(float[] weights, int from, float[] numbers) {
        float sum = 0;
        for (int i = 0; i < numbers.length; i++) {
            sum += weights[from + i] * numbers[i];
        }
        return sum;
    }

    /** A convolution with an edge of nothing, and what is below nothing cut off. */
    private float[] convolved(float[] picture, int layer, int side) {
        int area = side * side;
        int channels = CHANNELS[layer];
        float[] result = new float[CHANNELS[layer + 1] * area];
        for (int to = 0; to < CHANNELS[layer + 1]; to++) {
            Arrays.fill(result, to * area, (to + 1) * area, offsets[layer][to]);
            for (int from = 0; from < channels; from++) {
                for (int k = 0; k < KERNEL * KERNEL; k++) {
                    add(result, to * area, picture, from * area, side,
                            kernels[layer][(to * channels + from) * KERNEL * KERNEL + k], k % KERNEL - 1,
                            k / KERNEL - 1);
                }
            }
        }
        for (int i = 0; i < result.length; i++) {
            result[i] = Math.max(0, result[i]);
        }
        return result;
    }

    /** Adds a picture, weighed and moved. */
    private static void add(float[] sum, int sumAt, float[] picture, int pictureAt, int side, float weight, int right,
            int down) {
        int firstColumn = Math.max(0, -right);
        int endColumn = side - Math.max(0, right);
        for (int row = Math.max(0, -down); row < side - Math.max(0, down); row++) {
            int from = pictureAt + (row + down) * side + right;
            int to = sumAt + row * side;
            for (int column = firstColumn; column < endColumn; column++) {
                sum[to + column] += weight * picture[from + column];
            }
        }
    }

    /** The largest of each four neighbours. */
    private static float[] halved(float[] picture, int channels, int side) {
        int half = side / 2;
        float[] result = new float[channels * half * half];
        for (int channel = 0; channel < channels; channel++) {
            for (int row = 0; row < half; row++) {
                for (int column = 0; column < half; column++) {
                    int from = (channel * side + 2 * row) * side + 2 * column;
                    result[(channel * half + row) * half + column] =
                            Math.max(Math.max(picture[from], picture[from + 1]),
                                    Math.max(picture[from + side], picture[from + side + 1]));
                }
            }
        }
        return result;
    }
}
