package bemble.server.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Writer;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Punctuation;
import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Judges a few invented papers once the server is up, so that a teacher's first pile is not the one on which the virtual
 * machine learns to be quick. It ends as soon as anybody wants to know something.
 */
@Component
class WarmUp {
    private static final int QUESTIONS = 4;
    private static final int WRITERS = 8;
    private final KnownAnswers known;
    private final WorkQueue queue;

    WarmUp(KnownAnswers known, WorkQueues queues) {
        this.known = known;
        this.queue = queues.add(new WorkQueue.Kind("warm-up",
                "Judges invented papers after a start, so that the first real ones are quick", 1, 1, true, true));
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        queue.execute(this::judge);
    }

    private boolean isDone() {
        return queue.isStopping() || known.isUsed();
    }

    private void judge() {
        for (Operation operation : List.of(Operation.SUBTRACTION, Operation.ADDITION, Operation.MULTIPLICATION,
                Operation.DIVISION)) {
            if (isDone()) {
                return;
            }
            List<Rung> rungs = Ladder.of(operation);
            List<Answers> sheet = Stream.of(rungs.get(1), rungs.get(rungs.size() / 2))
                    .flatMap(rung -> new Draft(rung.wishes(), 1).draw(QUESTIONS).stream()).map(FeaturedProblem::problem)
                    .map(problem -> Answers.of(problem, Methods.usual(problem).name().id())).toList();
            for (int writer = 0; writer < WRITERS && !isDone(); writer++) {
                int wrongEach = writer + 1;
                List<Item> items =
                        sheet.stream().map(answers -> new Item(answers, sheet.indexOf(answers) % wrongEach == 0
                                ? "1" + answers.rightText() : answers.rightText())).toList();
                Writer.of(items, Punctuation.POINT).items();
            }
        }
    }
}
