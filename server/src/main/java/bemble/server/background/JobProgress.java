package bemble.server.background;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;

/** Told by who works at a job how far it is; asked whether to go on. */
public final class JobProgress {
    private final BooleanSupplier isStopping;
    private final AtomicInteger done = new AtomicInteger();
    private volatile int of;
    private volatile boolean stopped;

    /** @param isStopping whether Bemble itself is about to end */
    JobProgress(BooleanSupplier isStopping) {
        this.isStopping = isStopping;
    }

    /** Somebody has stopped a job; what was done of it is taken back. */
    public static final class Stopped extends RuntimeException {
        private Stopped() {
            super("stopped");
        }
    }

    public void of(int all) {
        of = all;
    }

    /**
     * Some more is done.
     *
     * @throws Stopped where somebody has stopped it
     */
    public void add(int more) {
        check();
        done.addAndGet(more);
    }

    /**
     * So much is done by now.
     *
     * @throws Stopped where somebody has stopped it
     */
    public void at(int now) {
        check();
        done.set(now);
    }

    /** @throws Stopped where somebody has stopped it */
    void check() {
        if (stopped || isStopping.getAsBoolean()) {
            throw new Stopped();
        }
    }

    void stop() {
        stopped = true;
    }

    int done() {
        return done.get();
    }

    int of() {
        return of;
    }
}
