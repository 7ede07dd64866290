package bemble.server.sets;

import bemble.server.faults.Missing;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Runs long prints one after the other in the background; each can be watched and stopped. */
@Component
class PrintJobs {
    private static final Logger LOG = LoggerFactory.getLogger(PrintJobs.class);
    private static final int MOST_REMEMBERED = 100;

    private final ExecutorService printer = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "printer");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();

    /** What a job does; it tells how many questions are done, and is stopped by that throwing {@link Stopped}. */
    interface Work {
        void run(IntConsumer progress) throws Exception;
    }

    static final class Stopped extends RuntimeException {}

    /** How a job stands. */
    enum State {
        PRINTING, DONE, STOPPED, FAILED
    }

    static final class Job {
        private final UUID id = UUID.randomUUID();
        private final long teacherId;
        private final int total;
        private volatile int done;
        private volatile State state = State.PRINTING;
        private volatile boolean stopping;

        private Job(long teacherId, int total) {
            this.teacherId = teacherId;
            this.total = total;
        }

        UUID id() {
            return id;
        }

        int total() {
            return total;
        }

        int done() {
            return done;
        }

        State state() {
            return state;
        }

        private void progress(int count) {
            if (stopping) {
                throw new Stopped();
            }
            done = count;
        }
    }

    Job start(long teacherId, int total, Work work) {
        Job job = new Job(teacherId, total);
        jobs.values().removeIf(each -> jobs.size() >= MOST_REMEMBERED && each.state != State.PRINTING);
        jobs.put(job.id, job);
        printer.submit(() -> run(job, work));
        return job;
    }

    private static void run(Job job, Work work) {
        try {
            job.progress(0);
            work.run(job::progress);
            job.state = State.DONE;
        } catch (Stopped stopped) {
            job.state = State.STOPPED;
        } catch (Exception exception) {
            LOG.error("A print failed", exception);
            job.state = State.FAILED;
        }
    }

    Job find(long teacherId, UUID id) {
        Job job = jobs.get(id);
        if (job == null || job.teacherId != teacherId) {
            throw new Missing("This print is not going on. Print the set again.");
        }
        return job;
    }

    Job stop(long teacherId, UUID id) {
        Job job = find(teacherId, id);
        job.stopping = true;
        return job;
    }

    @PreDestroy
    void close() {
        printer.shutdownNow();
    }
}
