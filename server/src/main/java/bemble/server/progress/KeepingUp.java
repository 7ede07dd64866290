package bemble.server.progress;

import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import bemble.server.marking.kept.AnswersChanged;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Brings records up to date behind the screens, once what was changed is committed: nobody waits for it. */
@Component
class KeepingUp {
    /** Who types on goes on typing, and what was typed is judged first: until then a record would be old at once. */
    private static final long PAUSE_MILLISECONDS = 1000;

    private final KeptRecords records;
    private final WorkQueue queue;
    /** Whether a round is asked for already; one round brings everything up to date. */
    private final AtomicBoolean asked = new AtomicBoolean();

    KeepingUp(KeptRecords records, WorkQueues queues) {
        this.records = records;
        this.queue = queues.add(WorkQueue.Kind.of("records", "Brings up to date what each child can do"),
                () -> asked.get() ? 1 : 0);
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(AnswersChanged any) {
        ask(CompletableFuture.delayedExecutor(PAUSE_MILLISECONDS, TimeUnit.MILLISECONDS));
    }

    /** What is missing after an update, or was broken off. */
    @EventListener
    void ready(ApplicationReadyEvent any) {
        ask(Runnable::run);
    }

    private void ask(Executor when) {
        if (asked.compareAndSet(false, true)) {
            when.execute(() -> queue.retrying(this::round));
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
