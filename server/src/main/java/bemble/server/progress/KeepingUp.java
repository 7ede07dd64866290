package bemble.server.progress;

import bemble.server.load.Background;
import bemble.server.marking.kept.AnswersChanged;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.RejectedExecutionException;
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

    private final KeptRecords records;
    private final Background worker = Background.named("records");
    /** Whether a round is asked for already; one round brings everything up to date. */
    private final AtomicBoolean asked = new AtomicBoolean();

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
            try {
                worker.execute(this::round);
            } catch (RejectedExecutionException stopping) {
                // What is missing is found at the next start.
            }
        }
    }

    private void round() {
        asked.set(false);
        try {
            int before = Integer.MAX_VALUE;
            while (before > 0 && !worker.isStopping()) {
                before = records.bringSomeUpToDate();
            }
        } catch (RuntimeException later) {
            LOG.warn("Records were not brought up to date; they are worked out when they are asked for", later);
        }
    }

    @PreDestroy
    void stop() {
        worker.close();
    }
}
