package bemble.server.load;

import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/**
 * Work behind the screens, one piece after the other by a thread of its own. At a stop it is asked to end and waited for, never
 * interrupted: an interrupt in the middle of a save closes the database's file. What has not begun by then is dropped; who gives the
 * work sees to it that it is done at the next start.
 */
public final class Background implements AutoCloseable {
    private static final int LONGEST_WAIT_SECONDS = 10;

    private final ThreadPoolExecutor worker;
    private volatile boolean stopping;

    private Background(BlockingQueue<Runnable> waiting, ThreadFactory thread) {
        worker = new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, waiting, thread);
    }

    /** @param name what its thread is called where one looks at a running server */
    public static Background named(String name) {
        return new Background(new LinkedBlockingQueue<>(), DaemonThreads.named(name));
    }

    /** One that gives way to whatever else there is to do, and takes no more than so many pieces beside the one it works at. */
    public static Background yielding(String name, int mostWaiting) {
        return new Background(new ArrayBlockingQueue<>(mostWaiting), work -> {
            Thread thread = DaemonThreads.named(name).newThread(work);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
        });
    }

    /** @throws RejectedExecutionException where as much waits as it takes, or it is stopping */
    public void execute(Runnable work) {
        worker.execute(() -> {
            if (!stopping) {
                work.run();
            }
        });
    }

    /** Whether it was asked to end: long work looks here now and then. */
    public boolean isStopping() {
        return stopping;
    }

    /** Asks it to end, and returns when it has, or when nobody would wait any longer. */
    @Override
    public void close() {
        stopping = true;
        worker.shutdown();
        try {
            worker.awaitTermination(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
