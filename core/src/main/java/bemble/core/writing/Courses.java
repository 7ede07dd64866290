package bemble.core.writing;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.working.LineOfBlock;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Spot;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Finds the lines that a pen follows on a paper, in the order in which they are begun. */
final class Courses {
    private final List<Square> squares;
    private final boolean fromTheLeft;
    /** What is written of the problem itself: in which order its lines are begun, and with which steps. */
    private final List<Mark> written;
    /** What is written of the widest problem of its shape. */
    private final List<Mark> widest;
    private final @Nullable LineOfBlock home;

    /**
     * @param squares the paper's squares
     * @param careful the working of the problem
     */
    Courses(Problem problem, List<Square> squares, List<Mark> written, List<Mark> widest, Working careful) {
        this.squares = squares;
        this.fromTheLeft = problem.operation() == Operation.DIVISION || problem.operation() == Operation.SQUARE_ROOT;
        this.written = written;
        this.widest = widest;
        this.home =
                fromTheLeft ? written.stream().filter(careful::isInAnswer).map(mark -> LineOfBlock.of(mark.at()))
                        .findFirst()
                        .filter(this::comesBackTo).orElse(null) : null;
    }

    private boolean comesBackTo(LineOfBlock line) {
        int times = 0;
        LineOfBlock before = null;
        for (Mark mark : widest) {
            LineOfBlock now = LineOfBlock.of(mark.at());
            times += now.equals(line) && !now.equals(before) ? 1 : 0;
            before = now;
        }
        return times > 1;
    }

    List<Course> all() {
        Map<LineOfBlock, List<Integer>> lines = new LinkedHashMap<>();
        // How many lines a division has is not known from its shape, so its order is that of the longest.
        (fromTheLeft ? widest : written)
                .forEach(mark -> lines.putIfAbsent(LineOfBlock.of(mark.at()), new ArrayList<>()));
        (fromTheLeft ? written : widest)
                .forEach(mark -> lines.putIfAbsent(LineOfBlock.of(mark.at()), new ArrayList<>()));
        for (int i = 0; i < squares.size(); i++) {
            if (squares.get(i).full() || squares.get(i).number()) {
                lines.computeIfAbsent(LineOfBlock.of(squares.get(i).spot()), any -> new ArrayList<>()).add(i);
            }
        }
        List<Course> courses = new ArrayList<>();
        List<Course> last = new ArrayList<>();
        lines.forEach((line, its) -> {
            if (its.stream().anyMatch(i -> squares.get(i).number())) {
                its.stream().filter(i -> squares.get(i).number())
                        .forEach(i -> (isWritten(i) ? courses : last).add(slot(i)));
            } else if (its.stream().allMatch(i -> squares.get(i).given() == null) && !its.isEmpty()) {
                courses.add(course(line, its));
            }
        });
        if (!fromTheLeft) {
            // Whole numbers along a line, as jumps over their ticks, are written by turns: in the order of their steps.
            courses.sort(Comparator.comparingInt(Course::step));
        }
        courses.addAll(last);
        return courses;
    }

    private boolean isWritten(int square) {
        return written.stream().anyMatch(mark -> mark.at().equals(squares.get(square).spot()));
    }

    private Course slot(int square) {
        Spot spot = squares.get(square).spot();
        return new Course(List.of(square), 0, 1, false, false, false,
                written.stream().filter(mark -> mark.at().equals(spot)).mapToInt(Mark::step).findFirst()
                        .orElse(lastStep()));
    }

    private Course course(LineOfBlock line, List<Integer> its) {
        boolean right = isRightwards(line);
        List<Integer> ordered = its.stream()
                .sorted(Comparator.comparingInt(i -> right ? squares.get(i).column() : -squares.get(i).column()))
                .toList();
        List<Integer> places = ordered.stream().map(i -> squares.get(i).spot().place()).toList();
        IntSummaryStatistics reached =
                widest.stream().filter(mark -> LineOfBlock.of(mark.at()).equals(line))
                        .mapToInt(mark -> mark.at().place())
                        .summaryStatistics();
        boolean known = reached.getCount() > 0;
        int start = !known ? right ? 0 : Math.max(0, places.indexOf(0))
                : Math.max(0, places.indexOf(right ? reached.getMax() : reached.getMin()));
        int end = !known ? places.size() - 1
                : Math.max(start, places.indexOf(right ? reached.getMin() : reached.getMax()));
        boolean under = right && !line.equals(home) && isUnderWhatIsGiven(line, its);
        return new Course(ordered, start, end - start + 1, under, line.equals(home), isFollowedByHome(line),
                stepOf(line));
    }

    /** Whether the line stands under what is given, as what is taken away from a dividend. */
    private boolean isUnderWhatIsGiven(LineOfBlock line, List<Integer> its) {
        return fromTheLeft && squares.stream()
                .anyMatch(square -> square.given() != null && square.spot().block().name().equals(line.block())
                        && square.row() < squares.get(its.get(0)).row());
    }

    private boolean isFollowedByHome(LineOfBlock line) {
        for (int i = 1; home != null && i < widest.size(); i++) {
            if (LineOfBlock.of(widest.get(i - 1).at()).equals(line) && LineOfBlock.of(widest.get(i).at()).equals(home)
                    && !line.equals(home)) {
                return true;
            }
        }
        return false;
    }

    private boolean isRightwards(LineOfBlock line) {
        List<Integer> places = placesAlong(widest, line);
        places = places.size() > 1 ? places : placesAlong(written, line);
        return places.size() > 1 ? places.get(0) > places.get(places.size() - 1) : fromTheLeft;
    }

    private static List<Integer> placesAlong(List<Mark> marks, LineOfBlock line) {
        return marks.stream().filter(mark -> mark.kind() == MarkKind.DIGIT && LineOfBlock.of(mark.at()).equals(line))
                .map(mark -> mark.at().place())
                .distinct().toList();
    }

    /** The step with which a line is begun; the last where a careful hand does not write it. */
    private int stepOf(LineOfBlock line) {
        return written.stream().filter(mark -> LineOfBlock.of(mark.at()).equals(line)).mapToInt(Mark::step).findFirst()
                .orElse(lastStep());
    }

    private int lastStep() {
        return written.stream().mapToInt(Mark::step).max().orElse(1);
    }
}
