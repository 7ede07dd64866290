package bemble.bench;

import bemble.core.practice.Draft;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** 200 questions drawn under tight wishes, their features read off their workings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class DraftBench {
    private static final Map<Operation, Map<Feature, Wish>> TIGHT = Map.of(
            Operation.ADDITION, Map.of(Feature.ADDENDS, Wish.exactly(3), Feature.DIGITS, Wish.exactly(6),
                    Feature.CARRIES, Wish.exactly(4), Feature.CHAIN, Wish.exactly(3)),
            Operation.SUBTRACTION, Map.of(Feature.DIGITS, Wish.exactly(6), Feature.EXCHANGES, Wish.exactly(2),
                    Feature.ACROSS_ZEROS, Wish.exactly(3)),
            Operation.MULTIPLICATION,
            Map.of(Feature.TOP_DIGITS, Wish.exactly(4), Feature.BOTTOM_DIGITS, Wish.exactly(3),
                    Feature.CARRIES, Wish.exactly(11)),
            Operation.DIVISION,
            Map.of(Feature.DIVIDEND_DIGITS, Wish.exactly(6), Feature.DIVISOR_DIGITS, Wish.exactly(2),
                    Feature.REMAINDER, Wish.of(false), Feature.ZERO_IN_QUOTIENT, Wish.of(true)),
            Operation.SQUARE_ROOT, Map.of(Feature.RADICAND_DIGITS, Wish.exactly(6), Feature.PERFECT, Wish.of(false),
                    Feature.DECIMALS, Wish.exactly(2), Feature.ZERO_IN_ROOT, Wish.of(true)));

    @Param
    public Operation operation;

    private long seed;

    @Benchmark
    public List<FeaturedProblem> draw() {
        return new Draft(new Wishes(operation, TIGHT.get(operation)), ++seed).draw(200);
    }
}
