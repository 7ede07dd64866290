package bemble.server.background;

import bemble.server.faults.Busy;
import bemble.server.ids.TeacherId;
import com.google.errorprone.annotations.concurrent.GuardedBy;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.RejectedExecutionException;

/** The jobs of a kind, the teachers by turns: those that wait stand here, those that are worked are with the queue. */
final class JobTurns {
    private final JobKind kind;
    private final WorkQueue queue;
    /** The teacher whose turn is next comes first; one of whom nothing waits is not here. */
    @GuardedBy("this")
    private final Map<TeacherId, Deque<Job>> waiting = new LinkedHashMap<>();
    @GuardedBy("this")
    private int running;

    JobTurns(JobKind kind, WorkQueues queues) {
        this.kind = kind;
        queue = queues.add(kind.queue(), this::waiting);
    }

    boolean isStopping() {
        return queue.isStopping();
    }

    /** @throws Busy where too many wait already */
    synchronized void add(Job job) {
        int mine = waiting.containsKey(job.teacherId()) ? waiting.get(job.teacherId()).size() : 0;
        if (mine >= kind.mostOfOneTeacher() || waiting() >= kind.mostWaiting()) {
            throw new Busy(kind.busy(), kind.askAgainSeconds());
        }
        waiting.computeIfAbsent(job.teacherId(), id -> new ArrayDeque<>()).add(job);
        next();
    }

    private synchronized int waiting() {
        return waiting.values().stream().mapToInt(Deque::size).sum();
    }

    private synchronized void next() {
        while (running < kind.queue().threads() && !waiting.isEmpty()) {
            TeacherId teacherId = waiting.keySet().iterator().next();
            Deque<Job> theirs = waiting.remove(teacherId);
            Job job = theirs.remove();
            if (!theirs.isEmpty()) {
                waiting.put(teacherId, theirs);
            }
            try {
                queue.execute(() -> run(job));
                running++;
            } catch (RejectedExecutionException stopping) {
                job.drop();
            }
        }
    }

    private void run(Job job) {
        try {
            job.run();
        } finally {
            synchronized (this) {
                running--;
                next();
            }
        }
    }

    /** Takes a job out that waits; gives whether it did. */
    synchronized boolean remove(Job job) {
        Deque<Job> theirs = waiting.get(job.teacherId());
        if (theirs == null || !theirs.remove(job)) {
            return false;
        }
        if (theirs.isEmpty()) {
            waiting.remove(job.teacherId());
        }
        return true;
    }
}
