package bemble.server.running;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/** Several things done at the same instant. */
public final class AtOnce {
    private AtOnce() {}

    /** What each came to, in their order. */
    @SafeVarargs
    public static <T> List<T> all(Callable<T>... things) {
        ExecutorService threads = Executors.newFixedThreadPool(things.length);
        CyclicBarrier together = new CyclicBarrier(things.length);
        try {
            List<Future<T>> under = new ArrayList<>();
            for (Callable<T> thing : things) {
                under.add(threads.submit(() -> {
                    together.await();
                    return thing.call();
                }));
            }
            List<T> came = new ArrayList<>();
            for (Future<T> each : under) {
                came.add(each.get(1, TimeUnit.MINUTES));
            }
            return came;
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        } finally {
            threads.shutdownNow();
        }
    }
}
