package bemble.server.screens;

import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Marks papers that were handed in and takes them into their pile, one pupil after the other: a class that hands in with the
 * bell waits for nothing. What was not taken in when Bemble stopped is taken in when it is up again.
 */
@Component
class TakingIn {
    /** Where few hand in, the pile has the paper before the pupil is answered. */
    private static final long PATIENCE_MILLISECONDS = 400;

    private final HandedIn handed;
    private final ScreenMapper screens;
    private final WorkQueue queue;

    TakingIn(HandedIn handed, ScreenMapper screens, WorkQueues queues) {
        this.handed = handed;
        this.screens = screens;
        this.queue = queues.add(WorkQueue.Kind.of("taking in", "Puts what was handed in at screens into its pile"));
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        screens.toTakeIn().forEach(place -> later(place.sessionId(), place.pupilId()));
    }

    /** Takes a pupil's papers in when their turn comes. */
    void later(SessionId sessionId, PupilId pupilId) {
        queue.retrying(() -> handed.take(sessionId, pupilId));
    }

    /** Takes a pupil's papers in; returns as soon as they are, or when it is not worth waiting any longer. */
    void soon(SessionId sessionId, PupilId pupilId) {
        try {
            queue.retrying(() -> handed.take(sessionId, pupilId)).get(PATIENCE_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException later) {
            // It is done when its turn comes.
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
