package bemble.server.background;

import com.google.errorprone.annotations.Immutable;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.IntSupplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Work behind the screens, in the order in which it was given, by threads of its own. At a stop it is asked to end and waited for,
 * never interrupted: an interrupt in the middle of a save closes the database's file. What has not begun by then is dropped; who gives
 * the work sees to it that it is done at the next start.
 */
public final class WorkQueue {
    private static final Logger LOG = LoggerFactory.getLogger(WorkQueue.class);
    private static final long FIRST_DELAY_SECONDS = 2;
    private static final long LONGEST_DELAY_SECONDS = 600;
    private static final int MOST_DOUBLED = 9;

    private final Kind kind;
    private final Clock clock;
    private final IntSupplier waitingBefore;
    private final ThreadPoolExecutor worker;
    private final AtomicLong done = new AtomicLong();
    private final AtomicLong failed = new AtomicLong();
    private final AtomicInteger toBeRetried = new AtomicInteger();
    private volatile @Nullable OffsetDateTime lastFailure;
    private volatile boolean stopping;

    /**
     * What a queue is for.
     *
     * @param name what its threads are called where one looks at a running server
     * @param doing what it does, to be read by a teacher
     * @param threads how many pieces are worked at the same time
     * @param mostWaiting how many wait beside those that are worked at
     * @param yielding whether it gives way to whatever else there is to do
     * @param goesOn whether what is not done at a stop is taken up after the next start
     */
    @Immutable
    public record Kind(String name, String doing, int threads, int mostWaiting, boolean yielding, boolean goesOn) {
        /** One thread, and whatever is given waits. */
        public static Kind of(String name, String doing) {
            return new Kind(name, doing, 1, Integer.MAX_VALUE, false, true);
        }
    }

    /**
     * How a queue stands.
     *
     * @param running how many pieces are worked at
     * @param waiting how many wait for their turn
     * @param toBeRetried how many failed and wait to be tried again
     * @param done how many were done since the start
     * @param failed how many attempts failed since the start
     * @param lastFailure when the last of them failed; null where none did
     * @param goesOn whether what is not done at a stop is taken up after the next start
     */
    public record Standing(String name, String doing, int running, int waiting, int toBeRetried, long done, long failed,
            @Nullable OffsetDateTime lastFailure, boolean goesOn) {}

    /** @param waitingBefore how much waits elsewhere until it is given to the queue */
    WorkQueue(Kind kind, Clock clock, IntSupplier waitingBefore) {
        this.kind = kind;
        this.waitingBefore = waitingBefore;
        this.clock = clock;
        worker = new ThreadPoolExecutor(kind.threads(), kind.threads(), 0, TimeUnit.SECONDS,
                kind.mostWaiting() == Integer.MAX_VALUE ? new LinkedBlockingQueue<>()
                        : new ArrayBlockingQueue<>(kind.mostWaiting()),
                work -> {
                    Thread thread = DaemonThreads.named(kind.name()).newThread(work);
                    thread.setPriority(kind.yielding() ? Thread.MIN_PRIORITY : Thread.NORM_PRIORITY);
                    return thread;
                });
    }

    /**
     * Has something done once; what it throws is logged and counted.
     *
     * @throws RejectedExecutionException where as much waits as it takes, or it is stopping
     */
    public void execute(Runnable work) {
        worker.execute(() -> {
            if (!stopping) {
                attempt(work);
            }
        });
    }

    /**
     * Has something done, and tried again as long as it throws: soon at first, then every ten minutes. At a stop it is dropped.
     *
     * @return completed once it was tried for the first time, exceptionally where that failed; never where it is stopping
     */
    public CompletableFuture<Void> retrying(Runnable work) {
        CompletableFuture<Void> first = new CompletableFuture<>();
        begin(work, 0, first);
        return first;
    }

    private void begin(Runnable work, int triedBefore, CompletableFuture<Void> first) {
        try {
            execute(() -> {
                try {
                    work.run();
                    first.complete(null);
                } catch (RuntimeException failure) {
                    retryLater(work, triedBefore + 1, first);
                    first.completeExceptionally(failure);
                    throw failure;
                }
            });
        } catch (RejectedExecutionException dropped) {
            LOG.debug("{}: a piece of work is left for the next start", kind.name());
        }
    }

    private void retryLater(Runnable work, int tried, CompletableFuture<Void> first) {
        long seconds = Math.min(LONGEST_DELAY_SECONDS, FIRST_DELAY_SECONDS << Math.min(tried - 1, MOST_DOUBLED));
        toBeRetried.incrementAndGet();
        CompletableFuture.delayedExecutor(seconds, TimeUnit.SECONDS).execute(() -> {
            toBeRetried.decrementAndGet();
            begin(work, tried, first);
        });
    }

    private void attempt(Runnable work) {
        try {
            work.run();
            done.incrementAndGet();
        } catch (RuntimeException failure) {
            failed.incrementAndGet();
            lastFailure = OffsetDateTime.now(clock);
            LOG.warn("{}: a piece of work failed", kind.name(), failure);
        }
    }

    /** Whether it was asked to end: long work looks here now and then. */
    public boolean isStopping() {
        return stopping;
    }

    Standing standing() {
        return new Standing(kind.name(), kind.doing(), worker.getActiveCount(),
                worker.getQueue().size() + waitingBefore.getAsInt(), toBeRetried.get(), done.get(), failed.get(),
                lastFailure,
                kind.goesOn());
    }

    /** Asks it to end. */
    void end() {
        stopping = true;
        worker.shutdown();
    }

    /** Returns when it has ended, or when nobody would wait any longer. */
    void awaitEnd(long millis) throws InterruptedException {
        worker.awaitTermination(millis, TimeUnit.MILLISECONDS);
    }
}
