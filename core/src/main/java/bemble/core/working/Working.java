package bemble.core.working;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A working as it was written: the blocks of the paper, the steps in time, and every mark.
 */
public record Working(List<Block> blocks, List<Step> steps, List<Mark> marks) {
    /** This working of a slip with the marks that differ from the right working, and are not wrong, told apart. */
    public Working against(Working right) {
        Map<String, String> expected = right.marks.stream().filter(mark -> mark.role().isAsked())
                .collect(Collectors.toMap(Working::spot, Mark::text, (first, second) -> second));
        return new Working(blocks, steps, marks.stream().map(mark -> {
            boolean same = !mark.role().isAsked() || mark.role() == Role.WRONG
                    || mark.text().equals(expected.get(spot(mark)));
            return same ? mark : mark.as(Role.FOLLOWS);
        }).toList());
    }

    private static String spot(Mark mark) {
        return mark.at().block().id() + "/" + mark.at().line() + "/" + mark.at().place() + "/" + mark.anchor();
    }

    /** The marks by the number of the step that writes them, in the order of writing. */
    public Map<Integer, List<Mark>> marksByStep() {
        return marks.stream().collect(Collectors.groupingBy(Mark::step));
    }

    /** The texts of the figures among a step's marks: what a class can be asked for. */
    public static List<String> expects(List<Mark> marksOfStep) {
        return marksOfStep.stream().filter(mark -> mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER)
                .filter(mark -> mark.role().isAsked())
                .map(Mark::text).toList();
    }

    /** The spot of the first figure written in the line that reads the answer; of several such lines the last written. */
    public Optional<Spot> answerLine(String value) {
        int lastOfWork = (int) steps.stream().filter(step -> step.part() == Part.WORK).count();
        return marks.stream().filter(mark -> mark.role() == Role.WRITTEN && mark.step() <= lastOfWork)
                .filter(mark -> mark.size() == Size.FULL).map(Mark::at)
                .filter(spot -> read(spot.block(), spot.line()).equals(value))
                .reduce((first, last) -> last.block() == first.block() && last.line().equals(first.line()) ? first : last);
    }

    /** What a line reads from left to right once every step is written: its full-size figures and its point. */
    public String read(Block block, String line) {
        return marks.stream()
                .filter(mark -> mark.at().block() == block && mark.at().line().equals(line) && mark.until() == null)
                .filter(mark -> mark.size() == Size.FULL
                        && (mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER
                                || mark.kind() == MarkKind.POINT))
                .sorted(Comparator.<Mark>comparingInt(mark -> -mark.at().place())
                        .thenComparing(mark -> mark.kind() == MarkKind.POINT))
                .map(mark -> mark.kind() == MarkKind.POINT ? "." : mark.text())
                .collect(Collectors.joining());
    }
}
