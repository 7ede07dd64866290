package bemble.bench;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.marking.Marked;
import bemble.core.marking.Marking;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slipped;
import bemble.core.style.HouseStyle;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.util.List;
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

/** One paper marked: careful, written with a slip, or with a fact missed besides. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class MarkBench {
    /** A problem, and after a slash the slip that its paper is written with. */
    @Param({"4738 + 1967", "4738 + 1967/carry-forgotten", "5002 − 1347/zeros-skipped", "4738 × 196",
        "4738 × 196/placeholder-forgotten", "9738 ÷ 27", "√7384"})
    public String asked;

    /** Whether the last fact but one is missed besides. */
    @Param({"false", "true"})
    public boolean missed;

    private Problem problem;
    private PaperToMark paper;

    @Setup
    public void setUp() {
        String[] parts = asked.split("/");
        problem = ProblemText.kept(parts[0]);
        Method<?> method = Methods.usual(problem);
        Slip slip = parts.length == 1 ? base -> base
                : Slipped.find(parts[1], problem, method, HouseStyle.USUAL).orElseThrow();
        Hand hand = (missed ? Slip.nearMiss(2, 1).and(slip) : slip).over(Hand.CAREFUL);
        List<PaperFigure> figures = Written.by(hand, problem, method, HouseStyle.USUAL).working().marks().stream()
                .filter(MarkBench::isWritten).map(mark -> new PaperFigure(mark.at().block().name(), mark.at().line(),
                        mark.at().place(), mark.anchor(), mark.kind(), mark.text()))
                .toList();
        paper = new PaperToMark(figures, false, false, false, null);
    }

    private static boolean isWritten(Mark mark) {
        return mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL && mark.role() != Role.MISSING
                && mark.role() != Role.GIVEN && mark.role() != Role.FRAME;
    }

    @Benchmark
    public Marked mark() {
        return Marking.mark(problem, null, HouseStyle.USUAL, paper);
    }
}
