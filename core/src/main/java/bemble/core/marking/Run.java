package bemble.core.marking;

import bemble.core.hand.Decision;
import bemble.core.hand.Hand;
import bemble.core.hand.ReadingHand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.WrittenPaper;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

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
    static final double LIKELIHOOD = 3;

    private final SupposedHand hypothesis;
    private final View view;
    private final Written written;
    private final ReadingHand reader;
    private double cost;
    /** How many figures stand there that say something else than this hand writes, the departures not counted. */
    private int others;
    private List<Figure.Key> strays = List.of();
    /** The cost without what is only small: carries kept in the head, and the like. */
    private double essential;

    private Run(SupposedHand hypothesis, View view, Written written, ReadingHand reader) {
        this.hypothesis = hypothesis;
        this.view = view;
        this.written = written;
        this.reader = reader;
    }

    /**
     * Reads a paper.
     *
     * @param view the way in which it is seen
     * @param given whether the numbers of the problem are among what was written
     * @param most a reading that must cost more than this is not weighed further
     */
    static Run of(SupposedHand hypothesis, View view, boolean given, boolean soFar, double most) {
        ReadingHand reader = hand(hypothesis, view.written());
        Way way = view.way();
        Run run = new Run(hypothesis, view, Written.asFarAs(reader, way.problem(), way.method(), way.style(), false),
                reader);
        run.cost = run.least();
        run.essential = run.cost;
        if (run.cost <= most) {
            run.cost = run.weigh(view.written(), given, soFar);
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
        Spot answer = written.answerStands();
        int absentSinceLast = 0;
        double smallSinceLast = 0;
        for (Decision<?> decision : written.decisions()) {
            for (Figure figure : decision.ink()) {
                if (figure.passing() || !expected.add(figure.key()) || !isOnPaper(figure, given)) {
                    continue;
                }
                PaperFigure there = paper.at(figure.key());
                if (there != null) {
                    boolean same = figure.kind() == MarkKind.STRIKE || there.isUnclear() || there.says(figure.text());
                    sum += same ? 0 : DEPARTURE;
                    others += same ? 0 : 1;
                    sum += ABSENT * absentSinceLast;
                    small += smallSinceLast;
                    absentSinceLast = 0;
                    smallSinceLast = 0;
                } else if (figure.isFull() || figure.role() == Role.GIVEN) {
                    // A line of which nothing stands was worked in the head, whoever wrote the paper.
                    absentSinceLast += paper.hasLineOf(figure.key()) || isAnswer(figure.key(), answer) ? 1 : 0;
                } else if (figure.kind() != MarkKind.STRIKE && figure.kind() != MarkKind.POINT) {
                    smallSinceLast += ABSENT_SMALL;
                }
            }
        }
        // A paper that just ends is unfinished, however much is to come.
        sum += absentSinceLast > 0 && !soFar ? ABSENT : 0;
        strays = paper.strays(expected);
        NumberLines lines = new NumberLines(written);
        for (Figure.Key key : strays) {
            if (key.stroke() || key.anchor() != Anchor.MIDDLE) {
                small += STRAY_SMALL;
            } else {
                boolean other = lines.contradicts(key, Objects.requireNonNull(paper.at(key)));
                // One more figure in the answer is another answer; elsewhere it may be a jotting.
                sum += other && isAnswer(key, answer) ? DEPARTURE : STRAY;
                others += other ? 1 : 0;
            }
        }
        others += lines.holes(paper);
        essential = sum;
        return sum + small;
    }

    /** Whether something stands on the paper that this hand would not have written. */
    boolean contradicts() {
        return departs() || others > 0 || !written.isFinished();
    }

    /** How many figures stand where this hand has nothing to write. */
    int strays() {
        return (int) strays.stream().filter(key -> key.block().part() == Part.WORK).count();
    }

    private static boolean isAnswer(Figure.Key key, @Nullable Spot answer) {
        return key.block().isFirst(BlockName.Kind.REMAINDER)
                || answer != null && key.block().equals(answer.block().name())
                        && key.line().equals(answer.line());
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

    /** How likely somebody has this hand and leaves this paper, up to a factor that is alike for all hands. */
    double weight() {
        return hypothesis.prior() * Math.exp(-LIKELIHOOD * (cost - SLIP * hypothesis.slips()));
    }

    Marked.Explained explained(double confidence) {
        List<String> names = hypothesis.names();
        return new Marked.Explained(names.get(0), names.size() > 1 ? names.get(1) : null,
                Objects.requireNonNull(hypothesis.slip()),
                written.brokenPlaces(), cost,
                confidence);
    }

    SupposedHand hypothesis() {
        return hypothesis;
    }

    /** The same reading with what is drawn round the figures. */
    Written drawn() {
        return Written.asFarAs(hand(hypothesis, view.written()), written.problem(), view.way().method(),
                written.style(), true);
    }

    View view() {
        return view;
    }

    static ReadingHand hand(SupposedHand hypothesis, WrittenPaper paper) {
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
