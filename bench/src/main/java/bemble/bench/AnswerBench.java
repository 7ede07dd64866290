package bemble.bench;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slipped;
import bemble.core.style.HouseStyle;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The answer alone that a hand comes to, as marking and telling sets ask for it thousands of times. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class AnswerBench {
    /** A problem, and after a slash the slip it is written with. */
    @Param({"4738 + 1967", "4738 + 1967/carry-forgotten", "5002 − 1347", "5002 − 1347/zeros-skipped", "4738 × 196",
        "4738 × 196/placeholder-forgotten", "9738 ÷ 27", "√7384"})
    public String asked;

    private Problem problem;
    private Method<?> method;
    private Hand hand;

    @Setup
    public void setUp() {
        String[] parts = asked.split("/");
        problem = ProblemText.kept(parts[0]);
        method = Methods.usual(problem);
        hand = parts.length == 1 ? Hand.CAREFUL
                : Slipped.find(parts[1], problem, method, HouseStyle.USUAL).orElseThrow().over(Hand.CAREFUL);
    }

    @Benchmark
    public String answer() {
        return Written.answerBy(hand, problem, method, HouseStyle.USUAL).answer().text();
    }
}
