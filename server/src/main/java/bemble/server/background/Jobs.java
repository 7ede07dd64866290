package bemble.server.background;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.ids.TeacherId;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What takes longer than anybody should wait for: it is worked in the background, the teachers by turns, tells how far it has come,
 * and can be stopped. Nothing of it is kept over a restart; whoever works sees to it that a half of it is not either.
 */
@Component
public class Jobs {
    private static final int MOST_REMEMBERED = 300;

    /** How a job stands. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        REFUSED
    }

    /** What a job does; what it returns is the job's result. */
    @FunctionalInterface
    public interface Work {
        @Nullable
        Object run(JobProgress progress) throws Exception;
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

    private final Cache<UUID, Job> jobs =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).expireAfterAccess(Duration.ofHours(2)).build();
    private final Map<JobKind, JobTurns> turns = new EnumMap<>(JobKind.class);

    public Jobs(WorkQueues queues) {
        for (JobKind kind : JobKind.values()) {
            turns.put(kind, new JobTurns(kind, queues));
        }
    }

    /**
     * Begins something; what is done quickly is done when this returns.
     *
     * @throws Refusal where it was refused by then
     * @throws Busy where others wait already
     */
    public UnderWay begin(JobKind kind, TeacherId teacherId, Work work) {
        JobTurns line = Objects.requireNonNull(turns.get(kind));
        Job job = new Job(teacherId, work, new JobProgress(line::isStopping));
        line.add(job);
        jobs.put(job.id(), job);
        // Who does not wait is told of its end where they look how far it is, however quick it was.
        if (kind.patienceMillis() > 0) {
            job.await(kind.patienceMillis());
        }
        return job.view();
    }

    /** @throws Missing where the teacher has no such job */
    public UnderWay view(TeacherId teacherId, UUID id) {
        return find(teacherId, id).view();
    }

    /** Stops a job as soon as it can be; what was done of it is taken back. One that waits never begins. */
    public UnderWay stop(TeacherId teacherId, UUID id) {
        Job job = find(teacherId, id);
        job.stop();
        if (turns.values().stream().anyMatch(line -> line.remove(job))) {
            job.drop();
        }
        return job.view();
    }

    private Job find(TeacherId teacherId, UUID id) {
        Job job = jobs.getIfPresent(id);
        if (job == null || !job.teacherId().equals(teacherId)) {
            throw new Missing("This is not under way any more. Begin it again.");
        }
        return job;
    }
}
