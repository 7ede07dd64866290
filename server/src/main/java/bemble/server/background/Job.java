package bemble.server.background;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.background.Jobs.State;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.background.Jobs.Work;
import bemble.server.faults.FileFaults;
import bemble.server.faults.Missing;
import bemble.server.faults.UserFacingException;
import bemble.server.ids.TeacherId;
import bemble.server.storage.ClosedByFullDisk;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A job of a teacher, and how it stands. */
final class Job {
    private static final Logger LOG = LoggerFactory.getLogger(Job.class);

    private final UUID id = UUID.randomUUID();
    private final TeacherId teacherId;
    private final Work work;
    private final JobProgress progress;
    private final CountDownLatch ended = new CountDownLatch(1);
    private volatile Stand stand = new Without(State.WAITING);

    Job(TeacherId teacherId, Work work, JobProgress progress) {
        this.teacherId = teacherId;
        this.work = work;
        this.progress = progress;
    }

    /** How a job stands: one value, so that nobody sees a state with what belongs to another. */
    private sealed interface Stand {
        State state();
    }

    private record Without(State state) implements Stand {}

    private record Done(@Nullable Object result) implements Stand {
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
    private record Failed(Throwable failure) implements Stand {
        @Override
        public State state() {
            return State.REFUSED;
        }

        List<Fault> faults() {
            String said = failure instanceof UserFacingException told ? told.getMessage()
                    : ClosedByFullDisk.isCause(failure)
                            ? "The disk of this computer is full, so nothing was kept. Make room on it and try again."
                            : "Bemble met a fault of its own, and nothing was kept. Try again, or start Bemble anew.";
            return List.of(new Fault("", said));
        }
    }

    UUID id() {
        return id;
    }

    TeacherId teacherId() {
        return teacherId;
    }

    UnderWay view() {
        Stand now = stand;
        List<Fault> faults = now instanceof Refused refused ? refused.faults()
                : now instanceof Failed failed ? failed.faults() : null;
        return new UnderWay(id, now.state(), progress.done(), progress.of(), faults,
                now instanceof Done done ? done.result() : null);
    }

    void run() {
        stand = new Without(State.RUNNING);
        end(outcome());
    }

    private Stand outcome() {
        try {
            progress.check();
            return new Done(work.run(progress));
        } catch (JobProgress.Stopped stopped) {
            return new Without(State.STOPPED);
        } catch (Refusal refusal) {
            return new Refused(refusal.faults());
        } catch (FileFaults faults) {
            return new Refused(faults.faults());
        } catch (Missing missing) {
            return new Failed(missing);
        } catch (Throwable failure) {
            // An Error too: whatever ends a job, nobody may wait for it for ever.
            if (!ClosedByFullDisk.isCause(failure)) {
                LOG.error("A job failed", failure);
            }
            return new Failed(failure);
        }
    }

    private void end(Stand how) {
        stand = how;
        ended.countDown();
    }

    /** It never begins. */
    void drop() {
        end(new Without(State.STOPPED));
    }

    /** Stops it where it works next. */
    void stop() {
        progress.stop();
    }

    /**
     * Waits for its end, though not longer than that.
     *
     * @throws RuntimeException what ended it, where it failed by then
     */
    void await(long millis) {
        try {
            ended.await(millis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        if (stand instanceof Refused refused) {
            throw Refusal.of(refused.faults());
        }
        if (stand instanceof Failed failed) {
            throw failed.failure() instanceof RuntimeException told ? told : new IllegalStateException(failed.failure());
        }
    }
}
