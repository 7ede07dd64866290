package bemble.core.marking;

import bemble.core.hand.Decision;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.ReadingHand;
import bemble.core.hand.Slip;
import bemble.core.hand.Written;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A paper read as if one hand had written it, and how ill it fits that hand. */
final class Run {
    private static final double DEPARTURE = 1;
    private static final double ABSENT = 1;
    private static final double ABSENT_SMALL = 0.1;
    private static final double STRAY_SMALL = 0.1;
    private static final double STRAY = 0.3;
    static final double SLIP = 0.5;
    private static final double STUCK = 3;
    /** A departure makes a hand about twenty times less likely. */
    private static final double LIKELIHOOD = 3;

    private final Hypothesis hypothesis;
    private final Written written;
    private final ReadingHand reader;
    private double cost;
    /** The cost without what is only small: carries kept in the head, and the like. */
    private double essential;

    private Run(Hypothesis hypothesis, Written written, ReadingHand reader) {
        this.hypothesis = hypothesis;
        this.written = written;
        this.reader = reader;
    }

    /**
     * Reads a paper.
     *
     * @param given whether the numbers of the problem are among what was written
     * @param most a reading that must cost more than this is not weighed further
     */
    static Run of(Hypothesis hypothesis, WrittenPaper paper, boolean given, boolean soFar, double most, Problem problem,
            Method<?> method, HouseStyle style) {
        ReadingHand reader = hand(hypothesis, paper);
        Run run = new Run(hypothesis, Written.asFarAs(reader, problem, method, style, false), reader);
        run.cost = run.least();
        run.essential = run.cost;
        if (run.cost <= most) {
            run.cost = run.weigh(paper, given, soFar);
        }
        return run;
    }

    /** What it costs at the least. */
    private double least() {
        return SLIP * hypothesis.slips() + DEPARTURE * reader.departures() + (written.isFinished() ? 0 : STUCK);
    }

    private double weigh(WrittenPaper paper, boolean given, boolean soFar) {
        double sum = least();
        double small = 0;
        Set<Figure.Key> expected = new HashSet<>();
        int absentSinceLast = 0;
        double smallSinceLast = 0;
        for (Decision<?> decision : written.decisions()) {
            for (Figure figure : decision.ink()) {
                if (figure.passing() || !expected.add(figure.key()) || !isOnPaper(figure, given)) {
                    continue;
                }
                PaperFigure there = paper.at(figure.key());
                if (there != null) {
                    sum += figure.kind() == MarkKind.STRIKE || there.isUnclear() || there.says(figure.text()) ? 0 : DEPARTURE;
                    sum += ABSENT * absentSinceLast;
                    small += smallSinceLast;
                    absentSinceLast = 0;
                    smallSinceLast = 0;
                } else if (figure.isFull() || figure.role() == Role.GIVEN) {
                    absentSinceLast++;
                } else if (figure.kind() != MarkKind.STRIKE && figure.kind() != MarkKind.POINT) {
                    smallSinceLast += ABSENT_SMALL;
                }
            }
        }
        // A paper that just ends is unfinished, however much is to come.
        sum += absentSinceLast > 0 && !soFar ? ABSENT : 0;
        for (Figure.Key key : paper.strays(expected)) {
            if (key.stroke() || key.anchor() != Anchor.MIDDLE) {
                small += STRAY_SMALL;
            } else {
                sum += STRAY;
            }
        }
        essential = sum;
        return sum + small;
    }

    private static boolean isOnPaper(Figure figure, boolean given) {
        return given || figure.role() != Role.GIVEN && figure.role() != Role.PADDING && figure.kind() != MarkKind.POINT;
    }

    double cost() {
        return cost;
    }

    double essential() {
        return essential;
    }

    /** Whether the paper was read as by the other hand, as far as it departs from it. */
    boolean readsLike(Run other) {
        return reader.departures() == other.reader.departures() && firstPlace() == other.firstPlace()
                && firstMissed() == other.firstMissed();
    }

    /** How likely it is that this hand would have left this paper, up to a factor that is alike for all hands. */
    double likelihood() {
        return Math.exp(-LIKELIHOOD * cost);
    }

    Marked.Explained explained(double confidence) {
        List<String> names = hypothesis.names();
        return new Marked.Explained(names.get(0), names.size() > 1 ? names.get(1) : null, hypothesis.slip(), written.brokenPlaces(), cost,
                confidence);
    }

    Hypothesis hypothesis() {
        return hypothesis;
    }

    /** The same reading with what is drawn round the figures. */
    Written drawn(WrittenPaper paper, Method<?> method) {
        return Written.asFarAs(hand(hypothesis, paper), written.problem(), method, written.style(), true);
    }

    static ReadingHand hand(Hypothesis hypothesis, WrittenPaper paper) {
        Slip slip = hypothesis.slip();
        return new ReadingHand(paper, slip == null ? Hand.CAREFUL : slip.over(Hand.CAREFUL));
    }

    /** Whether the paper had something else than this hand would have decided. */
    boolean departs() {
        return reader.departures() > 0;
    }

    /** The fact worked last when the paper first departed from this hand; -1 where there was none. */
    int firstMissed() {
        return reader.firstMissed();
    }

    /** The column in which the paper first departed from this hand. */
    int firstPlace() {
        return reader.firstPlace();
    }
}
