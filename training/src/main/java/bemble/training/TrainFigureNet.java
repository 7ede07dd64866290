package bemble.training;

import ai.djl.Model;
import ai.djl.engine.Engine;
import ai.djl.ndarray.NDArray;
import ai.djl.ndarray.NDList;
import ai.djl.ndarray.NDManager;
import ai.djl.ndarray.types.Shape;
import ai.djl.nn.Activation;
import ai.djl.nn.Block;
import ai.djl.nn.Blocks;
import ai.djl.nn.Parameter;
import ai.djl.nn.SequentialBlock;
import ai.djl.nn.convolutional.Conv2d;
import ai.djl.nn.core.Linear;
import ai.djl.nn.pooling.Pool;
import ai.djl.training.DefaultTrainingConfig;
import ai.djl.training.GradientCollector;
import ai.djl.training.Trainer;
import ai.djl.training.loss.Loss;
import ai.djl.training.optimizer.Optimizer;
import ai.djl.training.tracker.Tracker;
import bemble.core.scan.FigureChances;
import bemble.core.scan.FigureNet;
import bemble.core.scan.SquareCut;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * Finds the weights of {@link FigureNet}: {@code FIGURES WEIGHTS CHECK [SQUARES]} with the folder of real figures, the file that the
 * weights are written to, one with some squares and what the trainer's net says of them, and how many squares it learns from.
 */
public final class TrainFigureNet {
    private static final int BATCH = 64;
    private static final int ROUNDS = 8;
    private static final int TRIED = 6000;
    private static final int CHECKED = 6;
    private static final long SEED = 20_261_201;

    private TrainFigureNet() {}

    private static RandomGenerator seeded(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    /** Squares in little room: a byte for each cell. */
    private record Squares(byte[][] cuts, int[] kinds) {
        static Squares drawn(int count, long seed, List<List<float[]>> real) {
            RandomGenerator random = seeded(seed);
            byte[][] cuts = new byte[count][];
            int[] kinds = new int[count];
            for (int i = 0; i < count; i++) {
                DrawnSquare square = DrawnSquare.of(random, real);
                cuts[i] = new byte[square.cut().length];
                for (int c = 0; c < square.cut().length; c++) {
                    cuts[i][c] = (byte) Math.round(square.cut()[c] * 255);
                }
                kinds[i] = square.kind();
            }
            return new Squares(cuts, kinds);
        }

        float[] cut(int i) {
            float[] cut = new float[cuts[i].length];
            for (int c = 0; c < cut.length; c++) {
                cut[c] = (cuts[i][c] & 255) / 255f;
            }
            return cut;
        }
    }

    private static Block net() {
        SequentialBlock net = new SequentialBlock();
        int[] filters = {8, 16, 32, 32};
        for (int layer = 0; layer < filters.length; layer++) {
            net.add(Conv2d.builder().setKernelShape(new Shape(3, 3)).optPadding(new Shape(1, 1))
                    .setFilters(filters[layer]).build()).add(Activation.reluBlock());
            if (layer != 2) {
                net.add(Pool.maxPool2dBlock(new Shape(2, 2), new Shape(2, 2)));
            }
        }
        return net.add(Blocks.batchFlattenBlock()).add(Linear.builder().setUnits(FigureNet.HIDDEN).build())
                .add(Activation.reluBlock()).add(Linear.builder().setUnits(FigureChances.KINDS).build());
    }

    public static void main(String[] arguments) throws IOException {
        RealFigures real = RealFigures.read(Path.of(arguments[0]));
        int count = arguments.length > 3 ? Integer.parseInt(arguments[3]) : 240_000;
        long begun = System.currentTimeMillis();
        Squares squares = Squares.drawn(count, SEED, real.learnt());
        System.out.printf(Locale.ROOT, "%d squares drawn in %d s%n", count,
                (System.currentTimeMillis() - begun) / 1000);
        Engine.getInstance().setRandomSeed((int) SEED);
        try (Model model = Model.newInstance("figures")) {
            model.setBlock(net());
            int steps = ROUNDS * (count / BATCH);
            DefaultTrainingConfig config = new DefaultTrainingConfig(Loss.softmaxCrossEntropyLoss())
                    .optOptimizer(Optimizer.adam().optLearningRateTracker(
                            Tracker.cosine().setBaseValue(0.002f).optFinalValue(0.00005f).setMaxUpdates(steps).build())
                            .build());
            try (Trainer trainer = model.newTrainer(config)) {
                trainer.initialize(new Shape(BATCH, 1, SquareCut.CELLS, SquareCut.CELLS));
                learn(trainer, squares, begun);
                byte[] weights = weights(model.getBlock());
                Files.write(Path.of(arguments[1]), weights);
                check(trainer, squares, Path.of(arguments[2]));
                report(FigureNet.of(weights), real);
            }
        }
    }

    private static void learn(Trainer trainer, Squares squares, long begun) {
        RandomGenerator random = seeded(SEED + 1);
        int[] order = new int[squares.kinds().length];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
        }
        for (int round = 1; round <= ROUNDS; round++) {
            for (int i = order.length - 1; i > 0; i--) {
                int j = random.nextInt(i + 1);
                int kept = order[i];
                order[i] = order[j];
                order[j] = kept;
            }
            double lost = 0;
            int batches = order.length / BATCH;
            for (int batch = 0; batch < batches; batch++) {
                lost += step(trainer, squares, order, batch * BATCH);
                if (batch % 200 == 199) {
                    System.out.printf(Locale.ROOT, "round %d, batch %d of %d: loss %.4f, %d s%n", round, batch + 1,
                            batches, lost / (batch + 1), (System.currentTimeMillis() - begun) / 1000);
                }
            }
        }
    }

    private static double step(Trainer trainer, Squares squares, int[] order, int from) {
        float[] cuts = new float[BATCH * SquareCut.CELLS * SquareCut.CELLS];
        float[] kinds = new float[BATCH];
        for (int i = 0; i < BATCH; i++) {
            float[] cut = squares.cut(order[from + i]);
            System.arraycopy(cut, 0, cuts, i * cut.length, cut.length);
            kinds[i] = squares.kinds()[order[from + i]];
        }
        double lost;
        try (NDManager manager = trainer.getManager().newSubManager();
                GradientCollector collector = trainer.newGradientCollector()) {
            NDArray data = manager.create(cuts, new Shape(BATCH, 1, SquareCut.CELLS, SquareCut.CELLS));
            NDList said = trainer.forward(new NDList(data));
            said.attach(manager);
            NDArray loss = trainer.getLoss().evaluate(new NDList(manager.create(kinds)), said);
            collector.backward(loss);
            lost = loss.getFloat();
        }
        trainer.step();
        return lost;
    }

    /** Layer by layer the weights and the offsets, four bytes each, the lowest first. */
    private static byte[] weights(Block net) {
        List<float[]> all = new ArrayList<>();
        net.getParameters().values().stream().map(Parameter::getArray).forEach(array -> all.add(array.toFloatArray()));
        ByteBuffer bytes = ByteBuffer.allocate(FigureNet.count() * Float.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (float[] numbers : all) {
            for (float number : numbers) {
                bytes.putFloat(number);
            }
        }
        return bytes.array();
    }

    /** Some squares with what the trainer's own net says of them: kind by kind its chance, then the cells. */
    private static void check(Trainer trainer, Squares squares, Path file) throws IOException {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < CHECKED; i++) {
            float[] cut = squares.cut(i);
            try (NDManager manager = trainer.getManager().newSubManager()) {
                NDArray said = trainer
                        .evaluate(new NDList(manager.create(cut, new Shape(1, 1, SquareCut.CELLS, SquareCut.CELLS))))
                        .singletonOrThrow().softmax(1);
                for (float chance : said.toFloatArray()) {
                    text.append(chance).append(' ');
                }
            }
            text.append('|');
            for (float cell : cut) {
                text.append(' ').append(Math.round(cell * 255));
            }
            text.append('\n');
        }
        Files.writeString(file, text);
    }

    /** How many squares that were never learnt from are read rightly: drawn ones, and those with real figures. */
    private static void report(FigureNet net, RealFigures real) {
        report("drawn", net, Squares.drawn(TRIED, SEED + 2, List.of()));
        report("with real figures", net, Squares.drawn(TRIED, SEED + 3, real.kept()));
    }

    private static void report(String name, FigureNet net, Squares squares) {
        int[] right = new int[FigureChances.KINDS];
        int[] of = new int[FigureChances.KINDS];
        int digits = 0;
        int digitsOf = 0;
        int sure = 0;
        int sureWrong = 0;
        for (int i = 0; i < squares.kinds().length; i++) {
            FigureChances chances = net.read(squares.cut(i));
            int kind = squares.kinds()[i];
            of[kind]++;
            if (chances.best() == kind) {
                right[kind]++;
            }
            if (kind < 10) {
                digitsOf++;
                digits += chances.best() == kind ? 1 : 0;
            }
            if (chances.of(chances.best()) > 0.95) {
                sure++;
                sureWrong += chances.best() == kind ? 0 : 1;
            }
        }
        StringBuilder line = new StringBuilder();
        for (int kind = 0; kind < of.length; kind++) {
            line.append(String.format(Locale.ROOT, " %d: %.1f", kind, 100.0 * right[kind] / Math.max(1, of[kind])));
        }
        System.out.printf(Locale.ROOT, "%s: digits %.2f %%; sure %.1f %%, of these wrong %.2f %%;%s%n", name,
                100.0 * digits / digitsOf, 100.0 * sure / squares.kinds().length, 100.0 * sureWrong / Math.max(1, sure),
                line);
    }
}
