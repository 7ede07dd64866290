package bemble.core.picture;

import bemble.core.subtraction.exchange.DecompositionRecord;
import bemble.core.working.Part;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.util.List;
import java.util.Set;

/** How far a working in columns has come at each of its steps. */
final class Moments {
    private static final Set<StepKind> WRITES = Set.of(StepKind.COLUMN, StepKind.DIGIT, StepKind.DIFFERENCE);

    private final List<Step> steps;

    Moments(Working working) {
        steps = working.steps().stream().filter(step -> step.part() == Part.WORK).toList();
    }

    /** The steps of the work, its check left out. */
    List<Step> steps() {
        return steps;
    }

    /**
     * How many columns stand written once that step is.
     *
     * @param of how many there are; a picture stays as it is when more steps write than there are columns
     */
    int columnsDone(Step step, int of) {
        return Math.min(count(step, WRITES), of);
    }

    /** How many exchanges are made; one that nobody wrote is made when its column is worked. */
    int exchanged(Step step, DecompositionRecord record) {
        int done = count(step, WRITES);
        int exchanged = Math.max(count(step, Set.of(StepKind.EXCHANGE)),
                (int) record.exchanges().stream().filter(exchange -> exchange.to() < done).count());
        return Math.min(exchanged, record.exchanges().size());
    }

    int count(Step until, Set<StepKind> kinds) {
        return (int) steps.stream().filter(step -> step.n() <= until.n() && kinds.contains(step.kind())).count();
    }
}
