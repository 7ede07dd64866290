package bemble.server.sets.printed;

import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.ids.TeacherId;
import com.google.errorprone.annotations.concurrent.GuardedBy;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntConsumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.AsyncTaskExecutor;
import org.springframework.stereotype.Component;

/** Runs long prints in the background, two at a time and the teachers by turns; each can be watched and stopped. */
@Component
class PrintJobs {
    private static final Logger LOG = LoggerFactory.getLogger(PrintJobs.class);
    static final int AT_ONCE = 2;
    private static final int MOST_REMEMBERED = 200;
    private static final int MOST_WAITING = 60;
    private static final int MOST_OF_ONE = 12;
    private static final int WAIT_SECONDS = 20;

    private final AsyncTaskExecutor printers;
    private final Map<UUID, Job> jobs = new ConcurrentHashMap<>();
    /** The jobs that wait, for each teacher; the teacher whose turn is next comes first. */
    @GuardedBy("this")
    private final Map<TeacherId, Deque<Job>> waiting = new LinkedHashMap<>();
    @GuardedBy("this")
    private int running;

    PrintJobs(@Qualifier("printers") AsyncTaskExecutor printers) {
        this.printers = printers;
    }

    /** What a job does; it tells how much is done, and is stopped by that throwing {@link Stopped}. */
    interface Work {
        void run(IntConsumer progress) throws Exception;
    }

    static final class Stopped extends RuntimeException {}

    /** How a job stands. */
    enum State {
        PRINTING,
        DONE,
        STOPPED,
        FAILED
    }

    static final class Job {
        private final UUID id = UUID.randomUUID();
        private final TeacherId teacherId;
        private final int total;
        private final Work work;
        private volatile int done;
        private volatile State state = State.PRINTING;
        private volatile boolean stopping;

        private Job(TeacherId teacherId, int total, Work work) {
            this.teacherId = teacherId;
            this.total = total;
            this.work = work;
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
            if (stopping || Thread.currentThread().isInterrupted()) {
                throw new Stopped();
            }
            done = count;
        }
    }

    /** @throws Busy where too many wait already */
    synchronized Job start(TeacherId teacherId, int total, Work work) {
        int mine = waiting.containsKey(teacherId) ? waiting.get(teacherId).size() : 0;
        if (mine >= MOST_OF_ONE || waiting.values().stream().mapToInt(Deque::size).sum() >= MOST_WAITING) {
            throw new Busy("Many prints are waiting already. Print this one when some of them are done.", WAIT_SECONDS);
        }
        Job job = new Job(teacherId, total, work);
        jobs.values().removeIf(each -> jobs.size() >= MOST_REMEMBERED && each.state != State.PRINTING);
        jobs.put(job.id, job);
        // A teacher of whom nothing waits has no list: whose turn it is has something to print.
        waiting.computeIfAbsent(teacherId, id -> new ArrayDeque<>()).add(job);
        next();
        return job;
    }

    private synchronized void next() {
        while (running < AT_ONCE && !waiting.isEmpty()) {
            TeacherId teacherId = waiting.keySet().iterator().next();
            Deque<Job> theirs = waiting.remove(teacherId);
            Job job = theirs.remove();
            if (!theirs.isEmpty()) {
                waiting.put(teacherId, theirs);
            }
            running++;
            printers.execute(() -> run(job));
        }
    }

    private void run(Job job) {
        try {
            job.progress(0);
            job.work.run(job::progress);
            job.state = State.DONE;
        } catch (Stopped stopped) {
            job.state = State.STOPPED;
        } catch (Throwable failure) {
            // An Error too: whatever ends a print, nobody may wait for it for ever.
            LOG.error("A print failed", failure);
            job.state = State.FAILED;
        } finally {
            synchronized (this) {
                running--;
                next();
            }
        }
    }

    Job find(TeacherId teacherId, UUID id) {
        Job job = jobs.get(id);
        if (job == null || !job.teacherId.equals(teacherId)) {
            throw new Missing("This print is not going on. Print the set again.");
        }
        return job;
    }

    synchronized Job stop(TeacherId teacherId, UUID id) {
        Job job = find(teacherId, id);
        job.stopping = true;
        Deque<Job> mine = waiting.get(teacherId);
        if (mine != null && mine.remove(job)) {
            job.state = State.STOPPED;
            if (mine.isEmpty()) {
                waiting.remove(teacherId);
            }
        }
        return job;
    }
}
