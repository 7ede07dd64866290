package bemble.core.working;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A working as it was written: the blocks of the paper, the steps in time, and every mark.
 *
 * @param answer the line in which the answer is read, at any place
 */
public record Working(List<Block> blocks, List<Step> steps, List<Mark> marks, @Nullable Spot answer) {
    /** Whether a mark stands in the line in which the answer is read. */
    public boolean isInAnswer(Mark mark) {
        return answer != null && mark.at().block() == answer.block() && mark.at().line().equals(answer.line());
    }

    /** The number of the last step of the work, before its check. */
    public int lastOfWork() {
        return (int) steps.stream().filter(step -> step.part() == Part.WORK).count();
    }

    /**
     * The mark to be rung where a rule was broken: of the step in which that happened first a wrong figure, or where
     * none was written the place where one is missing.
     */
    public Optional<Mark> firstBroken() {
        Optional<Mark> first = marks.stream().filter(Mark::isBroken).findFirst();
        return first.flatMap(broken -> marks.stream()
                .filter(mark -> mark.role() == Role.WRONG && mark.step() == broken.step()).findFirst()).or(() -> first);
    }
}
