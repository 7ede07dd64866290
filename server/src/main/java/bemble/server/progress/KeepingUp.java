package bemble.server.progress;

import bemble.server.marking.kept.AnswersChanged;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Brings records up to date behind the screens, once what was changed is committed: nobody waits for it. */
@Component
class KeepingUp {
    private static final Logger LOG = LoggerFactory.getLogger(KeepingUp.class);
    private static final int LONGEST_ROUND_SECONDS = 10;

    private final KeptRecords records;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "records");
        thread.setDaemon(true);
        return thread;
    });
    /** Whether a round is asked for already; one round brings everything up to date. */
    private final AtomicBoolean asked = new AtomicBoolean();
    private volatile boolean stopping;

    KeepingUp(KeptRecords records) {
        this.records = records;
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
            worker.execute(this::round);
        }
    }

    private void round() {
        asked.set(false);
        try {
            int before = Integer.MAX_VALUE;
            while (before > 0 && !stopping) {
                before = records.bringSomeUpToDate();
            }
        } catch (RuntimeException later) {
            LOG.warn("Records were not brought up to date; they are worked out when they are asked for", later);
        }
    }

    /** Asked to end, not interrupted: an interrupt in the middle of a save closes the database's file. */
    @PreDestroy
    void stop() throws InterruptedException {
        stopping = true;
        worker.shutdown();
        worker.awaitTermination(LONGEST_ROUND_SECONDS, TimeUnit.SECONDS);
    }
}
