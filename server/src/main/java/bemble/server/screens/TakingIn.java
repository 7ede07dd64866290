package bemble.server.screens;

import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.load.Background;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Marks papers that were handed in and takes them into their pile, one pupil after the other: a class that hands in with the
 * bell waits for nothing. What was not taken in when Bemble stopped is taken in when it is up again.
 */
@Component
class TakingIn {
    private static final Logger LOG = LoggerFactory.getLogger(TakingIn.class);
    /** Where few hand in, the pile has the paper before the pupil is answered. */
    private static final long PATIENCE_MILLISECONDS = 400;
    private static final long SOON_SECONDS = 1;
    private static final long SELDOM_SECONDS = 600;
    private static final int MOST_DOUBLED = 12;

    private final HandedIn handed;
    private final ScreenMapper screens;
    private final Background taker = Background.named("taking in");

    TakingIn(HandedIn handed, ScreenMapper screens) {
        this.handed = handed;
        this.screens = screens;
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        screens.toTakeIn().forEach(place -> begin(place.sessionId(), place.pupilId()));
    }

    private CompletableFuture<Void> begin(SessionId sessionId, PupilId pupilId) {
        try {
            return CompletableFuture.runAsync(() -> take(sessionId, pupilId, 0), taker::execute);
        } catch (RejectedExecutionException stopping) {
            return new CompletableFuture<>();
        }
    }

    private void take(SessionId sessionId, PupilId pupilId, int triedBefore) {
        try {
            handed.take(sessionId, pupilId);
        } catch (RuntimeException failure) {
            LOG.warn("A paper that was handed in could not be taken into its pile; it is tried again", failure);
            again(sessionId, pupilId, triedBefore + 1);
        }
    }

    /** Sooner at first, then seldom; what is still not taken in at a stop is tried at the next start. */
    private void again(SessionId sessionId, PupilId pupilId, int tried) {
        long seconds = Math.min(SELDOM_SECONDS, SOON_SECONDS << Math.min(tried, MOST_DOUBLED));
        CompletableFuture.delayedExecutor(seconds, TimeUnit.SECONDS, work -> {
            try {
                taker.execute(work);
            } catch (RejectedExecutionException stopping) {
                // It is taken in at the next start.
            }
        }).execute(() -> take(sessionId, pupilId, tried));
    }

    /** Takes a pupil's papers in when their turn comes. */
    void later(SessionId sessionId, PupilId pupilId) {
        begin(sessionId, pupilId);
    }

    /** Takes a pupil's papers in; returns as soon as they are, or when it is not worth waiting any longer. */
    void soon(SessionId sessionId, PupilId pupilId) {
        try {
            begin(sessionId, pupilId).get(PATIENCE_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException later) {
            // It is done when its turn comes.
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @PreDestroy
    void stop() {
        taker.close();
    }
}
