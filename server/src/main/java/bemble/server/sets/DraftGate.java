package bemble.server.sets;

import bemble.server.faults.Busy;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Lets few draw questions at a time, so that many who ask at once leave room for everybody else. */
@Component
class DraftGate {
    private static final int AT_ONCE = 2;
    private static final int MOST_WAITING = 40;
    private static final long LONGEST_WAIT_SECONDS = 5;
    private final Semaphore drawing = new Semaphore(AT_ONCE, true);

    /** @throws Busy where it would take too long until it is one's turn */
    <T> T through(Supplier<T> draw) {
        try {
            if (drawing.getQueueLength() >= MOST_WAITING || !drawing.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Many are drawing questions just now. Try again in a few seconds.", LONGEST_WAIT_SECONDS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("Bemble is being stopped. Try again later.", LONGEST_WAIT_SECONDS);
        }
        try {
            return draw.get();
        } finally {
            drawing.release();
        }
    }
}
