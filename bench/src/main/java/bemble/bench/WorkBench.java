package bemble.bench;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.working.Step;
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

/** A full working with its sheet, its check and every sentence and fact of it read. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class WorkBench {
    private static final String LONG = "8472915603".repeat(4);
    private static final String OTHER = "6093847156".repeat(4);

    /** Operation and method, such as {@code +column}. */
    @Param({"+column", "+running", "+partial-sums", "−decomposition", "−equal-additions", "−counting-up",
        "×long", "×area", "×crosswise", "÷long", "÷short", "÷partial-quotients",
        "√doubled-root", "√running-divisor"})
    public String method;

    @Param({"6", "40"})
    public int digits;

    private WorkOrder order;

    @Setup
    public void setUp() {
        String sign = method.substring(0, 1);
        String one = LONG.substring(0, digits);
        String other = OTHER.substring(0, sign.equals("÷") ? digits / 2 : digits);
        String text = sign.equals("√") ? "√" + one : one + " " + sign + " " + other;
        order = new WorkOrder(ProblemText.kept(text), method.substring(1), HouseStyle.USUAL,
                null);
    }

    /** How many letters are read, so that none of it is left out. */
    @Benchmark
    public int work() {
        Worked worked = Worked.from(order);
        int read = worked.sheet().marks().size();
        for (Step step : worked.working().steps()) {
            read += step.spoken().say().length() + step.spoken().fact().text().length();
        }
        return read;
    }
}
