package bemble.server.background;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.IntSupplier;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** All queues of work behind the screens: made here, told of together, and ended together while the database is still open. */
@Component
public class WorkQueues implements SmartLifecycle {
    private static final long LONGEST_WAIT_MILLIS = 10_000;
    /** Ended after the web server, which has the highest phase, and before everything that queues work with. */
    private static final int AFTER_THE_WEB_SERVER = 0;

    private final Clock clock;
    private final List<WorkQueue> queues = new CopyOnWriteArrayList<>();
    private volatile boolean running;

    public WorkQueues(Clock clock) {
        this.clock = clock;
    }

    public WorkQueue add(WorkQueue.Kind kind) {
        return add(kind, () -> 0);
    }

    /** @param waitingBefore how much waits elsewhere until it is given to the queue */
    public WorkQueue add(WorkQueue.Kind kind, IntSupplier waitingBefore) {
        WorkQueue queue = new WorkQueue(kind, clock, waitingBefore);
        queues.add(queue);
        return queue;
    }

    /** How all of them stand, in the order of their names. */
    List<WorkQueue.Standing> standing() {
        return queues.stream().map(WorkQueue::standing).sorted(Comparator.comparing(WorkQueue.Standing::name))
                .toList();
    }

    @Override
    public void start() {
        running = true;
    }

    /** Asks all to end, and returns when they have, or when nobody would wait any longer. */
    @Override
    public void stop() {
        running = false;
        queues.forEach(WorkQueue::end);
        long until = System.nanoTime() + LONGEST_WAIT_MILLIS * 1_000_000;
        try {
            for (WorkQueue queue : queues) {
                queue.awaitEnd(Math.max(0, (until - System.nanoTime()) / 1_000_000));
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return AFTER_THE_WEB_SERVER;
    }
}
