package bemble.server.load;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.Busy;
import bemble.server.faults.FileFaults;
import bemble.server.faults.Missing;
import bemble.server.faults.Told;
import bemble.server.ids.TeacherId;
import bemble.server.storage.ClosedByFullDisk;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * What takes longer than anybody should wait for: it is worked in the background, one after the other, tells how far it has
 * come, and can be stopped. Nothing of it is kept over a restart; whoever works sees to it that a half of it is not either.
 */
@Component
public class Jobs {
    private static final Logger LOG = LoggerFactory.getLogger(Jobs.class);
    /** Each holds its file. */
    private static final int MOST_WAITING = 2;
    private static final int MOST_REMEMBERED = 100;
    private static final long PATIENCE_MILLISECONDS = 1200;
    private static final long ASK_AGAIN_SECONDS = 30;

    /** How a job stands. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        REFUSED
    }

    /**
     * A job as it is told of.
     *
     * @param done how much of it is done
     * @param of how much there is; 0 while that is not known
     * @param errors why it was refused; left out where it was not
     * @param result what came of it, once it is done
     */
    public record UnderWay(@NotNull UUID id, @NotNull State state, @NotNull int done, @NotNull int of,
            @Nullable List<Fault> errors, @Nullable Object result) {}

    /** Told by who works how far it is; asked whether to go on. */
    public static final class Progress {
        private final AtomicInteger done = new AtomicInteger();
        private volatile int of;
        private volatile boolean stopped;

        public void of(int all) {
            of = all;
        }

        /**
         * Some more is done.
         *
         * @throws StoppedByHand where somebody has stopped it
         */
        public void add(int more) {
            done.addAndGet(more);
            if (stopped) {
                throw new StoppedByHand();
            }
        }
    }

    /** Somebody has stopped a job; what was done of it is taken back. */
    public static final class StoppedByHand extends RuntimeException {
        private StoppedByHand() {
            super("stopped");
        }
    }

    /** How a job stands: one value, so that nobody sees a state with what belongs to another. */
    private sealed interface Stand {
        State state();
    }

    private record Without(State state) implements Stand {}

    private record Done(Object result) implements Stand {
        @Override
        public State state() {
            return State.DONE;
        }
    }

    private record Refused(List<Fault> faults) implements Stand {
        @Override
        public State state() {
            return State.REFUSED;
        }
    }

    /** What ended it is told as of any other request; who asks later hears it in words. */
    private record Failed(RuntimeException failure) implements Stand {
        @Override
        public State state() {
            return State.REFUSED;
        }

        List<Fault> faults() {
            return List.of(new Fault("",
                    failure instanceof Told told ? told.getMessage() : ClosedByFullDisk.isCause(failure)
                            ? "The disk of this computer is full, so nothing was taken. Make room on it and try again."
                            : "Bemble met a fault of its own, and nothing was taken. Try again, or start Bemble anew."));
        }
    }

    private static final class Job {
        private final UUID id = UUID.randomUUID();
        private final TeacherId teacherId;
        private final Progress progress = new Progress();
        private final CountDownLatch ended = new CountDownLatch(1);
        private volatile Stand stand = new Without(State.WAITING);

        Job(TeacherId teacherId) {
            this.teacherId = teacherId;
        }

        UnderWay view() {
            Stand now = stand;
            return new UnderWay(id, now.state(), progress.done.get(), progress.of,
                    now instanceof Refused refused ? refused.faults()
                            : now instanceof Failed failed ? failed.faults() : null,
                    now instanceof Done done ? done.result() : null);
        }
    }

    private final Cache<UUID, Job> jobs =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).expireAfterAccess(Duration.ofHours(2)).build();
    private final Background worker = Background.yielding("jobs", MOST_WAITING);

    /**
     * Begins something; what is done quickly is done when this returns.
     *
     * @throws Refusal where it was refused by then
     * @throws Busy where others wait already
     */
    public UnderWay begin(TeacherId teacherId, Function<Progress, Object> work) {
        Job job = new Job(teacherId);
        jobs.put(job.id, job);
        try {
            worker.execute(() -> run(job, work));
        } catch (RejectedExecutionException full) {
            throw new Busy("Other files are being taken in just now. Try again in half a minute.", ASK_AGAIN_SECONDS);
        }
        try {
            job.ended.await(PATIENCE_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        if (job.stand instanceof Refused refused) {
            throw Refusal.of(refused.faults());
        }
        if (job.stand instanceof Failed failed) {
            throw failed.failure();
        }
        return job.view();
    }

    private static void run(Job job, Function<Progress, Object> work) {
        job.stand = new Without(State.RUNNING);
        try {
            job.stand = outcome(job.progress, work);
        } finally {
            job.ended.countDown();
        }
    }

    private static Stand outcome(Progress progress, Function<Progress, Object> work) {
        try {
            progress.add(0);
            return new Done(work.apply(progress));
        } catch (StoppedByHand stopped) {
            return new Without(State.STOPPED);
        } catch (Refusal refusal) {
            return new Refused(refusal.faults());
        } catch (FileFaults faults) {
            return new Refused(faults.faults());
        } catch (Missing missing) {
            return new Failed(missing);
        } catch (RuntimeException failure) {
            if (!ClosedByFullDisk.isCause(failure)) {
                LOG.error("A job failed", failure);
            }
            return new Failed(failure);
        }
    }

    /** @throws Missing where the teacher has no such job */
    public UnderWay view(TeacherId teacherId, UUID id) {
        return find(teacherId, id).view();
    }

    /** Stops a job as soon as it can be; what was done of it is taken back. */
    public UnderWay stop(TeacherId teacherId, UUID id) {
        Job job = find(teacherId, id);
        job.progress.stopped = true;
        return job.view();
    }

    private Job find(TeacherId teacherId, UUID id) {
        Job job = jobs.getIfPresent(id);
        if (job == null || !job.teacherId.equals(teacherId)) {
            throw new Missing("This is not under way any more. Begin it again.");
        }
        return job;
    }

    @PreDestroy
    void end() {
        jobs.asMap().values().forEach(job -> job.progress.stopped = true);
        worker.close();
    }
}
