package bemble.server.load;

import bemble.server.faults.Busy;
import com.google.errorprone.annotations.concurrent.GuardedBy;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Lets dear requests through a few at a time, so that many who ask at once leave room for everybody else. There are two
 * ways in: one for teachers who are signed in, and one for everybody else, which no crowd can make wider.
 */
@Component
public class Gate {
    private static final int FOR_TEACHERS = 12;
    private static final int FOR_OTHERS = 8;
    /** Of those who are not signed in no more than two are worked at once: they leave the machine to who is. */
    private static final int LEAST_FOR_OTHERS = 4;
    private static final int MOST_WAITING = 16;
    private static final long LONGEST_WAIT_SECONDS = 5;

    private static final class Way {
        private final int width;
        private final Semaphore free;

        Way(int width) {
            this.width = width;
            this.free = new Semaphore(width, true);
        }
    }

    private final Way teachers = new Way(FOR_TEACHERS);
    private final Way others = new Way(FOR_OTHERS);

    /** A place within; it is left once what was asked for is on its way. */
    public static final class Place implements AutoCloseable {
        private final Semaphore from;
        @GuardedBy("this")
        private int taken;

        private Place(Semaphore from, int taken) {
            this.from = from;
            this.taken = taken;
        }

        @Override
        public synchronized void close() {
            from.release(taken);
            taken = 0;
        }
    }

    /**
     * Comes in, at once or after others have left.
     *
     * @param cost as in {@link CostlyRequest#cost()}; what costs more than there is room for waits until nobody else is within
     * @throws Busy where it would take too long until it is one's turn
     */
    public Place enter(int cost) {
        Way way = isTeacher() ? teachers : others;
        int least = way == others && cost > 0 ? LEAST_FOR_OTHERS : 0;
        int wanted = Math.min(Math.max(least, cost), way.width);
        if (wanted > 0 && !way.free.tryAcquire(wanted)) {
            await(way.free, wanted);
        }
        return new Place(way.free, wanted);
    }

    private static void await(Semaphore free, int wanted) {
        try {
            if (free.getQueueLength() >= MOST_WAITING
                    || !free.tryAcquire(wanted, LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Many large problems are being worked just now. Try again in a few seconds.",
                        LONGEST_WAIT_SECONDS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("Bemble is being stopped. Try again later.", LONGEST_WAIT_SECONDS);
        }
    }

    private static boolean isTeacher() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.isAuthenticated() && !(who instanceof AnonymousAuthenticationToken);
    }
}
