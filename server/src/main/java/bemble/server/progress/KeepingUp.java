package bemble.server.progress;

import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import bemble.server.marking.kept.AnswersChanged;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Brings records up to date behind the screens, once what was changed is committed: nobody waits for it. */
@Component
class KeepingUp {
    private final KeptRecords records;
    private final WorkQueue queue;
    /** Whether a round is asked for already; one round brings everything up to date. */
    private final AtomicBoolean asked = new AtomicBoolean();

    KeepingUp(KeptRecords records, WorkQueues queues) {
        this.records = records;
        this.queue = queues.add(WorkQueue.Kind.of("records", "Brings up to date what each child can do"));
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(AnswersChanged any) {
        ask();
    }

    /** What is missing after an update, or was broken off. */
    @EventListener
    void ready(ApplicationReadyEvent any) {
        ask();
    }

    private void ask() {
        if (asked.compareAndSet(false, true)) {
            queue.retrying(this::round);
        }
    }

    private void round() {
        asked.set(false);
        int before = Integer.MAX_VALUE;
        while (before > 0 && !queue.isStopping()) {
            before = records.bringSomeUpToDate();
        }
    }
}
